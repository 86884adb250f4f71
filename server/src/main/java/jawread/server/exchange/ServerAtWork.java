package jawread.server.exchange;

import java.io.IOException;
import java.io.OutputStream;
import java.net.ConnectException;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import jawread.server.access.FolderSecret;

/**
 * The server of a shop, as a command at its own machine asks it: where it answers, and the secret that proves that the command can read
 * the shop's folder, lie in that folder.
 */
record ServerAtWork(Path data) {
    private static final Duration LONGEST_WAIT = Duration.ofMinutes(30);
    /** The secret is used up by whoever came first: the next one is there at once. */
    private static final int TRIES = 5;

    /** Hands over what it answers. False when none of this shop does, so that the shop lies still. @param what a path */
    boolean isAsked(String what, OutputStream out) throws IOException, InterruptedException {
        for (int i = 0; i < TRIES; i++) {
            Optional<FolderSecret.Read> secret = FolderSecret.read(data);
            if (secret.isEmpty()) {
                return false;
            }
            HttpRequest request = HttpRequest.newBuilder(secret.get().server().resolve(what))
                    .header(FolderSecret.HEADER, secret.get().secret())
                    .timeout(LONGEST_WAIT)
                    .build();
            try {
                HttpResponse<java.io.InputStream> answer =
                        HttpClient.newHttpClient().send(request, BodyHandlers.ofInputStream());
                try (var body = answer.body()) {
                    if (answer.statusCode() == 200) {
                        body.transferTo(out);
                        return true;
                    }
                    if (answer.statusCode() != 401) {
                        throw new NotABackup("The server answered " + answer.statusCode() + ": "
                                + new String(body.readNBytes(2000), java.nio.charset.StandardCharsets.UTF_8));
                    }
                }
            } catch (ConnectException nobodyThere) {
                // Left behind by a server that was killed.
                return false;
            }
        }
        // Another shop's server has that address by now: whether this one lies still is seen by opening it.
        return false;
    }
}
