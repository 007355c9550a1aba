package fairember.app;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;

/** Requests as no decent client would write them. */
final class RawHttp {
    private RawHttp() {}

    /** All of the answer to a request that is written as it is given; its connection is closed afterwards. */
    static String ask(int port, String request) throws IOException {
        try (Socket socket = new Socket("localhost", port)) {
            socket.setSoTimeout(20_000);
            send(socket, request);
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    static void send(Socket socket, String request) throws IOException {
        socket.getOutputStream().write(request.getBytes(StandardCharsets.UTF_8));
        socket.getOutputStream().flush();
    }
}
