package fairember.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Asks a server as any client would. */
final class Http {
    static final JsonMapper JSON = new JsonMapper();
    private static final HttpClient CLIENT = HttpClient.newHttpClient();

    private final String base;

    Http(String base) {
        this.base = base;
    }

    /**
     * An answer: its status and its JSON, missing when it has none.
     *
     * @param changed what the answer says was changed; missing when nothing was
     */
    record Answer(int status, JsonNode json, String text, JsonNode changed) {}

    Answer get(String path) {
        return send("GET", path, null);
    }

    /** A file, as it is. */
    byte[] bytes(String path) {
        try {
            HttpRequest request =
                    HttpRequest.newBuilder(URI.create(base + path)).build();
            return CLIENT.send(request, HttpResponse.BodyHandlers.ofByteArray()).body();
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    Answer post(String path, Object body) {
        return send("POST", path, body);
    }

    Answer put(String path, Object body) {
        return send("PUT", path, body);
    }

    Answer delete(String path) {
        return send("DELETE", path, null);
    }

    /** Removes the newest edition of a thing, whichever it is. */
    Answer remove(String path) {
        Answer outdated = delete(path + "?edition=-1");
        String allowed = outdated.json().path("errors").path(0).path("allowed").asString("");
        Matcher newest = Pattern.compile("edition (\\d+)").matcher(allowed);
        return newest.find() ? delete(path + "?edition=" + newest.group(1)) : outdated;
    }

    /** Changes the newest edition of a thing, whichever it is. */
    Answer change(String path, Object body) {
        Answer outdated = put(path + "?edition=-1", body);
        int newest = outdated.json().path("current").path("edition").asInt();
        return outdated.status() == 409 ? put(path + "?edition=" + newest, body) : outdated;
    }

    /** The same load, with yes to everything that is asked of it now. */
    JsonNode answered(Object load) {
        JsonNode asked = post("/api/baking/loads/questions", load).json();
        ObjectNode body = JSON.valueToTree(load);
        ArrayNode answers = body.putArray("answers");
        for (JsonNode question : asked) {
            ObjectNode answer = answers.addObject();
            List.of("doubt", "item", "line").forEach(field -> answer.set(field, question.path(field)));
        }
        return body;
    }

    /** Takes a load out, early or late, and counts it as baked. */
    Answer takeOut(long load) {
        return post("/api/baking/loads/" + load + "/out", Map.of("outcome", "BAKED"));
    }

    /** Undoes the last step, whichever it is. */
    Answer undo() {
        return step("undo");
    }

    Answer redo() {
        return step("redo");
    }

    private Answer step(String way) {
        long step = get("/api/changes/last").json().path(way + "Step").asLong(-1);
        return post("/api/changes/" + way + "?step=" + step, null);
    }

    private static HttpRequest.BodyPublisher publisher(Object body) {
        if (body == null) {
            return HttpRequest.BodyPublishers.noBody();
        }
        return body instanceof byte[] file
                ? HttpRequest.BodyPublishers.ofByteArray(file)
                : HttpRequest.BodyPublishers.ofString(body instanceof String raw ? raw : JSON.writeValueAsString(body));
    }

    /** A body that is a text or a file goes as it is; anything else as its JSON. */
    Answer send(String method, String path, Object body, String... headers) {
        HttpRequest.BodyPublisher publisher = publisher(body);
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(base + path))
                .method(method, publisher)
                .header("Content-Type", "application/json");
        for (int i = 0; i + 1 < headers.length; i += 2) {
            request.setHeader(headers[i], headers[i + 1]);
        }
        try {
            HttpResponse<String> response = CLIENT.send(request.build(), HttpResponse.BodyHandlers.ofString());
            boolean json =
                    response.headers().firstValue("Content-Type").orElse("").contains("json");
            JsonNode parsed = json ? JSON.readTree(response.body()) : JSON.missingNode();
            JsonNode changed =
                    response.headers().firstValue("Changed").map(JSON::readTree).orElseGet(JSON::missingNode);
            return new Answer(response.statusCode(), parsed, response.body(), changed);
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }
}
