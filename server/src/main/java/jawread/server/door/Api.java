package jawread.server.door;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.method.HandlerTypePredicate;
import org.springframework.web.servlet.config.annotation.PathMatchConfigurer;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Where all endpoints of ours stand: those that answer with values, under the version of what they say. */
@Configuration
public class Api implements WebMvcConfigurer {
    /** Before what each says of itself. */
    public static final String V1 = "/api/v1";

    @Override
    public void configurePathMatch(PathMatchConfigurer paths) {
        paths.addPathPrefix(
                V1,
                HandlerTypePredicate.forBasePackage("jawread.server")
                        .and(HandlerTypePredicate.forAnnotation(RestController.class)));
    }
}
