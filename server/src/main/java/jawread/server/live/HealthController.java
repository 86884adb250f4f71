package jawread.server.live;

import static jawread.server.access.Allowed.To.ANYONE;

import jakarta.annotation.Nullable;
import jawread.server.access.Allowed;
import jawread.server.storage.Health;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether the shop can keep anything just now. */
@RestController
class HealthController {
    private final Health health;

    HealthController(Health health) {
        this.health = health;
    }

    /** @param trouble what is wrong with the disk or the database, in a sentence; absent while all is well */
    record HealthView(@Nullable String trouble) {}

    @Allowed(ANYONE)
    @GetMapping("/health")
    HealthView health() {
        return new HealthView(health.trouble().orElse(null));
    }
}
