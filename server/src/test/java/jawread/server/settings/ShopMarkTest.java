package jawread.server.settings;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Base64;
import java.util.Map;
import javax.imageio.ImageIO;
import jawread.server.RunningServer;
import jawread.server.RunningServer.Answer;
import jawread.server.RunningServer.Server;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The picture on the head of the shop's reports. */
@ExtendWith(RunningServer.class)
class ShopMarkTest {
    private final Server server;

    ShopMarkTest(Server server) {
        this.server = server;
    }

    private static byte[] picture(int width, int height, String format) throws IOException {
        var picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        picture.createGraphics().fillRect(0, 0, width / 2, height);
        var written = new ByteArrayOutputStream();
        ImageIO.write(picture, format, written);
        return written.toByteArray();
    }

    private Answer set(byte[] file) {
        return server.put(
                "/api/v1/shop/mark", Map.of("picture", Base64.getEncoder().encodeToString(file)));
    }

    @AfterEach
    void takeAway() {
        set(new byte[0]);
    }

    @Test
    void it_is_drawn_anew_and_stands_on_the_head_of_every_report() throws Exception {
        byte[] given = picture(2400, 800, "jpg");
        Answer kept = set(given);
        assertThat(kept.status()).as(kept.text()).isEqualTo(200);
        byte[] drawn = Base64.getDecoder().decode(kept.json().path("picture").asString());
        BufferedImage read = ImageIO.read(new ByteArrayInputStream(drawn));
        assertThat(read.getWidth()).isEqualTo(480);
        assertThat(read.getHeight()).isEqualTo(160);
        long job = server.get("/api/v1/bench").json().at("/jobs/0/id").asLong();
        assertThat(server.get("/api/v1/jobs/" + job + "/report?form=one-page").text())
                .contains("src=\"data:image/png;base64," + Base64.getEncoder().encodeToString(drawn));
        byte[] file = java.net.http.HttpClient.newHttpClient()
                .send(
                        server.request("/api/v1/jobs/" + job + "/report.pdf?form=one-page")
                                .build(),
                        java.net.http.HttpResponse.BodyHandlers.ofByteArray())
                .body();
        try (PDDocument pdf = Loader.loadPDF(file)) {
            assertThat(pdf.getPage(0).getResources().getXObjectNames()).hasSize(1);
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
        }
        assertThat(server.get("/api/v1/trail?of=settings").text())
                .contains("Mark of the shop")
                .contains("a picture");
    }

    @Test
    void what_is_no_picture_and_what_is_too_large_are_refused_in_a_sentence() throws Exception {
        byte[] whole = picture(40, 40, "png");
        byte[] torn = java.util.Arrays.copyOf(whole, whole.length / 2);
        byte[] drawing = "<svg xmlns=\"http://www.w3.org/2000/svg\"/>".getBytes(StandardCharsets.UTF_8);
        for (byte[] none : new byte[][] {torn, drawing, {1, 2, 3}, picture(6001, 2, "png"), new byte[2_000_001]}) {
            Answer refused = set(none);
            assertThat(refused.status()).isEqualTo(422);
            assertThat(refused.text()).contains("A PNG or a JPEG of at most 2 MB");
        }
        assertThat(server.put("/api/v1/shop/mark", Map.of("picture", "not base64!"))
                        .status())
                .isEqualTo(422);
    }
}
