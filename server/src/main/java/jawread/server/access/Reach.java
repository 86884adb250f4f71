package jawread.server.access;

import java.net.InetAddress;
import java.net.URI;
import org.springframework.boot.web.server.autoconfigure.ServerProperties;
import org.springframework.stereotype.Component;

/** From where the server can be reached. */
@Component
class Reach {
    private final ServerProperties server;

    Reach(ServerProperties server) {
        this.server = server;
    }

    /** Whether other machines can. */
    boolean isBeyondThisMachine() {
        InetAddress address = server.getAddress();
        return address == null || !address.isLoopbackAddress();
    }

    /** Where it answers a command at its own machine. */
    URI fromThisMachine(int port) {
        InetAddress address = server.getAddress();
        boolean everywhere = address == null || address.isAnyLocalAddress();
        String host = everywhere ? "127.0.0.1" : address.getHostAddress();
        String name = host.contains(":") ? "[" + host + "]" : host;
        return URI.create((isTls() ? "https" : "http") + "://" + name + ":" + port);
    }

    private boolean isTls() {
        return server.getSsl() != null && server.getSsl().isEnabled();
    }

    /** In a few words, for the sentence at the start. */
    String address() {
        InetAddress address = server.getAddress();
        return address == null ? "every address of this machine" : address.getHostAddress();
    }
}
