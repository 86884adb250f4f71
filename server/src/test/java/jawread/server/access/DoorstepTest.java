package jawread.server.access;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.net.URLEncoder;
import java.net.http.HttpRequest.BodyPublishers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import jawread.server.exchange.ShopAsked;
import jawread.server.storage.OwnerOnly;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;

/** A shop that other machines can reach asks for its passphrase. */
class DoorstepTest {
    private static final String SAID = "three grey lathes";
    private static final String BEYOND = "--server.address=0.0.0.0";

    @TempDir
    private Path folder;

    private void passphrase() throws Exception {
        OwnerOnly.write(folder.resolve("passphrase"), new BCryptPasswordEncoder(4).encode(SAID) + "\n");
    }

    @Test
    void without_a_passphrase_it_is_not_opened_beyond_its_own_machine() {
        assertThatThrownBy(() -> Server.open(folder, BEYOND).close())
                .rootCause()
                .isInstanceOf(NoPassphrase.class)
                .hasMessageContaining("this shop has no passphrase");
        var said = new NoPassphraseInASentence()
                .analyze(new RuntimeException(), new NoPassphrase("every address of this machine"));
        assertThat(said.getAction()).contains("./run passphrase");
    }

    private static Answer say(Server server, String passphrase) {
        return server.send(server.request("/enter")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header("Origin", "http://localhost:" + server.port())
                .POST(BodyPublishers.ofString("passphrase=" + URLEncoder.encode(passphrase, StandardCharsets.UTF_8))));
    }

    @Test
    void beyond_its_own_machine_nothing_is_answered_before_the_passphrase_is_said() throws Exception {
        passphrase();
        try (var server = Server.entered(folder, BEYOND)) {
            assertThat(server.get("/").status()).isEqualTo(302);
            assertThat(server.get("/").header("Location")).endsWith("/enter");
            Answer asked = server.get("/api/v1/bench");
            assertThat(asked.status()).isEqualTo(401);
            assertThat(asked.code()).isEqualTo("passphrase-wanted");
            assertThat(server.get("/api/v1/events").status()).isEqualTo(401);
            assertThat(server.get("/assets/none.js").status()).isEqualTo(302);
            Answer page = server.get("/enter");
            assertThat(page.status()).isEqualTo(200);
            assertThat(page.text()).contains("Low Weir Workshop").contains("type=\"password\"");
            assertThat(page.header("Content-Security-Policy"))
                    .contains("form-action 'self'")
                    .contains("script-src 'self'");
            assertThat(server.get("/enter.css").status()).isEqualTo(200);

            Answer wrong = say(server, "three gray lathes");
            assertThat(wrong.header("Location")).endsWith("/enter?wrong");
            assertThat(server.get("/enter?wrong").text()).contains("That is not it");
            Answer right = say(server, SAID);
            assertThat(right.header("Location")).endsWith("/");
            String cookie = right.header("Set-Cookie");
            assertThat(cookie).startsWith("jawread-shop=").contains("HttpOnly").contains("SameSite=Strict");
            var inside = server.request("/api/v1/bench").header("Cookie", cookie.split(";", 2)[0]);
            assertThat(server.send(inside).status()).isEqualTo(200);
            // A program needs no passphrase, but a token that is good.
            var making = server.request("/api/v1/tokens").header("Cookie", cookie.split(";", 2)[0]);
            String secret = server.send(Server.json(
                            making, "POST", Map.of("name", "display", "role", "reads", "person", 1, "days", 1)))
                    .json()
                    .path("secret")
                    .asString();
            var byToken = server.request("/api/v1/bench").header("Authorization", "Bearer " + secret);
            assertThat(server.send(byToken).status()).isEqualTo(200);
            for (String path : List.of("/api/v1/bench", "/api/v1/openapi", "/api/v1/events")) {
                assertThat(server.send(server.request(path).header("Authorization", "Bearer guessed"))
                                .code())
                        .isEqualTo("token-unknown");
            }
            // The foreign page's form, and a command with the folder's secret.
            assertThat(server.send(server.request("/enter")
                                    .header("Content-Type", "application/x-www-form-urlencoded")
                                    .header("Origin", "http://foreign.example")
                                    .POST(BodyPublishers.ofString("passphrase=x")))
                            .code())
                    .isEqualTo("foreign-origin");
            assertThat(ShopAsked.backup(folder, folder.resolve("shop.zip"))).contains("Backed up");
            assertThat(ShopAsked.verify(folder))
                    .as("asked of the server that has it open")
                    .isZero();
            assertThat(server.send(server.request("/api/v1/backup").header(FolderSecret.HEADER, "0000"))
                            .status())
                    .isEqualTo(401);
        }
    }

    @Test
    void many_wrong_ones_make_the_address_wait() throws Exception {
        passphrase();
        try (var server = Server.entered(folder, BEYOND)) {
            for (int i = 0; i < 5; i++) {
                assertThat(say(server, "wrong " + i).header("Location")).endsWith("?wrong");
            }
            assertThat(say(server, SAID).header("Location"))
                    .as("even the right one")
                    .endsWith("?wait=1");
            assertThat(server.get("/enter?wait=1").text()).contains("Wait a minute, then try again.");
        }
    }

    @Test
    void each_wrong_one_after_the_first_five_doubles_the_wait_and_a_right_one_forgets_them() {
        var now = new Instant[] {Instant.parse("2026-03-10T08:00:00Z")};
        Clock clock = org.mockito.Mockito.mock(Clock.class);
        org.mockito.Mockito.when(clock.instant()).thenAnswer(unused -> now[0]);
        var tries = new Tries(clock);
        for (int i = 0; i < 4; i++) {
            tries.wasWrong("a");
        }
        assertThat(tries.wait("a")).isZero();
        tries.wasWrong("a");
        assertThat(tries.wait("a")).isEqualTo(Duration.ofMinutes(1));
        assertThat(tries.wait("b")).isZero();
        now[0] = now[0].plusSeconds(60);
        assertThat(tries.wait("a")).isZero();
        for (int i = 0; i < 20; i++) {
            tries.wasWrong("a");
        }
        assertThat(tries.wait("a")).isEqualTo(Duration.ofMinutes(64));
        tries.wasRight("a");
        assertThat(tries.wait("a")).isZero();
    }

    @Test
    void a_passphrase_is_asked_twice_and_kept_as_a_hash() throws Exception {
        assertThat(Passphrase.wrong("short", "short"))
                .hasValueSatisfying(said -> assertThat(said).contains("at least 10"));
        assertThat(Passphrase.wrong(SAID, SAID + " "))
                .hasValueSatisfying(said -> assertThat(said).contains("not the same"));
        assertThat(Passphrase.wrong("x".repeat(73), "x".repeat(73))).isPresent();
        assertThat(Passphrase.ask(folder, new ByteArrayInputStream((SAID + "\n" + SAID + "\n").getBytes())))
                .isZero();
        String kept = Files.readString(folder.resolve("passphrase"));
        assertThat(kept).startsWith("$2").doesNotContain(SAID);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("passphrase"))))
                .isEqualTo("rw-------");
        assertThat(Passphrase.ask(folder, new ByteArrayInputStream("one thing here\nanother here\n".getBytes())))
                .isEqualTo(1);
        assertThat(folder.resolve("passphrase")).hasContent(kept);
    }

    @Test
    void under_tls_the_cookies_travel_under_tls_alone() throws Exception {
        passphrase();
        Path keys = folder.resolve("keys.p12");
        Process made = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "keytool")
                                .toString(),
                        "-genkeypair",
                        "-alias",
                        "shop",
                        "-keyalg",
                        "EC",
                        "-dname",
                        "CN=localhost",
                        "-storetype",
                        "PKCS12",
                        "-keystore",
                        keys.toString(),
                        "-storepass",
                        "changeit")
                .start();
        assertThat(made.waitFor()).isZero();
        try (var server = Server.entered(
                folder, BEYOND, "--server.ssl.key-store=" + keys, "--server.ssl.key-store-password=changeit")) {
            Answer right = server.overTls("/enter", "passphrase=" + URLEncoder.encode(SAID, StandardCharsets.UTF_8));
            assertThat(right.header("Set-Cookie")).startsWith("jawread-shop=").contains("Secure");
        }
    }
}
