package jawread.server.access;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import jawread.server.door.Api;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.format.FormatterRegistry;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the screens: built files as they are, and every other address that is a page's with the page itself. */
@Configuration
class Pages implements WebMvcConfigurer {
    private static final String FILES = "classpath:/static/";
    private final AccessRules rules;

    Pages(AccessRules rules) {
        this.rules = rules;
    }

    /** A value that is given once is one, whatever commas it has: the name of a person, or of a feature. */
    @Override
    public void addFormatters(FormatterRegistry registry) {
        registry.addConverter(String.class, List.class, text -> text.isEmpty() ? List.of() : List.of(text));
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(rules).addPathPatterns(Api.V1 + "/**");
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        // Names of built files carry a hash of their contents, so they never change.
        registry.addResourceHandler("/assets/**")
                .addResourceLocations(FILES + "assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations(FILES)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(false)
                .addResolver(new PageResolver());
    }

    private static final class PageResolver extends PathResourceResolver {
        @Override
        protected Resource getResource(String path, Resource location) throws IOException {
            Resource file = super.getResource(path, location);
            return file == null && isPage(path) ? new ClassPathResource("static/index.html") : file;
        }

        private static boolean isPage(String path) {
            String last = path.substring(path.lastIndexOf('/') + 1);
            return !(path + "/").startsWith("api/") && !path.startsWith("actuator/") && !last.contains(".");
        }
    }
}
