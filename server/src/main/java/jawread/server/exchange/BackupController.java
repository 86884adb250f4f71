package jawread.server.exchange;

import static jawread.server.access.Allowed.To.ANYONE;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.sql.SQLException;
import javax.sql.DataSource;
import jawread.server.access.Allowed;
import jawread.server.words.Refused;
import jawread.server.words.Shop;
import jawread.server.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The whole shop as one file, while it is open. */
@RestController
@RequestMapping("/api/backup")
class BackupController {
    private final DataSource database;
    private final Shop shop;
    private final Words words;

    BackupController(DataSource database, Shop shop, Words words) {
        this.database = database;
        this.shop = shop;
        this.words = words;
    }

    /** Given out on this machine only, whoever else may open the pages. */
    @Allowed(ANYONE)
    @GetMapping
    void backup(HttpServletRequest request, HttpServletResponse response) throws IOException, SQLException {
        if (!InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress()) {
            throw Refused.of(HttpStatus.FORBIDDEN, "not-from-here", words.say("problem.not-from-here"));
        }
        response.setHeader(
                BackupCommand.WHOSE, shop.data().toAbsolutePath().normalize().toString());
        response.setContentType("application/zip");
        response.setHeader("Content-Disposition", "attachment; filename=\"jaw-read-shop.zip\"");
        try (var connection = database.getConnection()) {
            Backup.write(connection, response.getOutputStream());
        }
    }
}
