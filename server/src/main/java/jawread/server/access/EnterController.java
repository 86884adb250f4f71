package jawread.server.access;

import java.util.Map;
import java.util.Optional;
import jawread.server.words.Shop;
import jawread.server.words.Words;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.HtmlUtils;

/** The page on which the shop's passphrase is said. It is plain: nothing of the shop is fetched before. */
@Controller
class EnterController {
    private static final String PAGE = """
            <!doctype html>
            <html lang="en">
            <head>
              <meta charset="utf-8">
              <meta name="viewport" content="width=device-width, initial-scale=1">
              <title>%1$s · Jaw Read</title>
              <link rel="stylesheet" href="/enter.css">
            </head>
            <body>
              <main>
                <p class="name">Jaw Read</p>
                <h1>%1$s</h1>
                <p>%2$s</p>
                %3$s
                <form method="post" action="%4$s">
                  <label for="passphrase">%5$s</label>
                  <input id="passphrase" name="passphrase" type="password" autocomplete="current-password" autofocus required>
                  <button>%6$s</button>
                </form>
              </main>
            </body>
            </html>
            """;

    private final Shop shop;
    private final Reach reach;
    private final Words words;

    EnterController(Shop shop, Reach reach, Words words) {
        this.shop = shop;
        this.reach = reach;
        this.words = words;
    }

    @Allowed(Allowed.To.ANYONE)
    @GetMapping(Doorstep.PATH)
    ResponseEntity<String> page(@RequestParam Optional<String> wrong, @RequestParam Optional<Integer> wait) {
        if (!reach.isBeyondThisMachine()) {
            return ResponseEntity.status(HttpStatus.FOUND)
                    .header(HttpHeaders.LOCATION, "/")
                    .build();
        }
        Optional<String> said = wait.map(minutes -> words.say("problem.too-many-tries", Map.of("minutes", minutes)))
                .or(() -> wrong.map(unused -> words.say("enter.wrong")));
        return ResponseEntity.ok()
                .contentType(new MediaType(MediaType.TEXT_HTML, java.nio.charset.StandardCharsets.UTF_8))
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .body(PAGE.formatted(
                        html(shop.shopName()),
                        html(words.say("enter.ask")),
                        said.map(sentence -> "<p role=\"alert\">" + html(sentence) + "</p>")
                                .orElse(""),
                        Doorstep.PATH,
                        html(words.say("enter.label")),
                        html(words.say("enter.go"))));
    }

    private static String html(String text) {
        return HtmlUtils.htmlEscape(text, "UTF-8");
    }
}
