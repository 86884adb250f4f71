package jawread.box;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;

/**
 * From a gauge of the box to the shop's port. A line waits until it is answered, and is said again to a port that comes back: under the same
 * count it is the same reading.
 */
final class Wire implements AutoCloseable {
    private static final int AGAIN_MS = 500;
    private static final int CONNECTED_WITHIN_MS = 2000;
    private static final int ANSWERED_WITHIN_MS = 10_000;
    private static final int MOST_SHOWN = 6;
    private static final int MOST_WAITING = 1000;

    private final InetSocketAddress port;
    private final String token;
    private final Deque<String> waiting = new ArrayDeque<>();
    private final Deque<String> said = new ArrayDeque<>();
    private final Thread sender = new Thread(this::sendAll, "wire");
    private volatile boolean isClosed;
    private Socket socket;
    private BufferedReader answers;

    /** @param token said first; empty where none is needed */
    Wire(InetSocketAddress port, String token) {
        this.port = port;
        this.token = token;
        sender.setDaemon(true);
        sender.start();
    }

    synchronized void say(String line) {
        if (waiting.size() < MOST_WAITING) {
            waiting.add(line);
            notifyAll();
        }
    }

    /** The last one first, each with its answer. */
    synchronized List<String> said() {
        return List.copyOf(said);
    }

    synchronized int waiting() {
        return waiting.size();
    }

    private void sendAll() {
        while (!isClosed) {
            try {
                String line = next();
                answered(line, sent(line));
            } catch (IOException away) {
                hangUp();
                pause();
            } catch (InterruptedException closing) {
                return;
            }
        }
    }

    private synchronized String next() throws InterruptedException {
        while (waiting.isEmpty()) {
            wait();
        }
        return waiting.peek();
    }

    private String sent(String line) throws IOException {
        if (socket == null) {
            var opened = new Socket();
            opened.connect(port, CONNECTED_WITHIN_MS);
            opened.setSoTimeout(ANSWERED_WITHIN_MS);
            opened.setTcpNoDelay(true);
            socket = opened;
            answers = new BufferedReader(new InputStreamReader(opened.getInputStream(), StandardCharsets.US_ASCII));
            if (!token.isEmpty()) {
                asked("token " + token);
            }
        }
        return asked(line);
    }

    private String asked(String line) throws IOException {
        socket.getOutputStream().write((line + "\r\n").getBytes(StandardCharsets.US_ASCII));
        socket.getOutputStream().flush();
        String answer = answers.readLine();
        if (answer == null) {
            throw new IOException("nobody answers");
        }
        return answer;
    }

    private synchronized void answered(String line, String answer) {
        waiting.poll();
        said.addFirst(line + "  →  " + answer);
        if (said.size() > MOST_SHOWN) {
            said.removeLast();
        }
    }

    private void hangUp() {
        if (socket != null) {
            try {
                socket.close();
            } catch (IOException gone) {
                // It is.
            }
            socket = null;
        }
    }

    private static void pause() {
        try {
            Thread.sleep(AGAIN_MS);
        } catch (InterruptedException closing) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() {
        isClosed = true;
        sender.interrupt();
        hangUp();
    }
}
