package fairember.app.journal;

import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import tools.jackson.core.json.JsonWriteFeature;
import tools.jackson.databind.ObjectWriter;
import tools.jackson.databind.json.JsonMapper;

/**
 * Says in a header of the answer what the request changed, so that a page reads again only what shows it: the keys of the
 * documents ("design/3", or "design" when many of them changed) and of what is worked out from them ("plan"), and what can be undone now.
 */
@Component
class ChangeHeader {
    static final String NAME = "Changed";
    private static final int MOST_OF_A_KIND = 20;

    private final ChangeStore changes;
    private final List<ChangeReach> reaches;
    private final ObjectWriter writer;

    ChangeHeader(ChangeStore changes, List<ChangeReach> reaches, JsonMapper mapper) {
        this.changes = changes;
        this.reaches = reaches;
        this.writer = mapper.writer().with(JsonWriteFeature.ESCAPE_NON_ASCII);
    }

    /** What a request changed. */
    private record ChangedView(Set<String> keys, LastChangesView last) {}

    /** Notes a document that changed; of many of a kind only the kind, so that the header stays short. */
    void note(String kind, long id) {
        Set<String> keys = keys();
        if (!keys.contains(kind)) {
            String of = kind + "/";
            keys.add(of + id);
            if (keys.stream().filter(key -> key.startsWith(of)).count() > MOST_OF_A_KIND) {
                keys.removeIf(key -> key.startsWith(of));
                keys.add(kind);
            }
        }
        reaches.forEach(reach -> keys.addAll(reach.of(kind, id)));
    }

    /** Writes what was noted so far into the answer, over what was written before. */
    void write() {
        if (RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request) {
            HttpServletResponse response = request.getResponse();
            if (response != null) {
                ChangedView changed = new ChangedView(keys(), changes.lastChanges(AskingMaker.now()));
                response.setHeader(NAME, writer.writeValueAsString(changed));
            }
        }
    }

    /** The keys of this request; of nothing when no request runs. */
    @SuppressWarnings("unchecked")
    private static Set<String> keys() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request == null) {
            return new LinkedHashSet<>();
        }
        Set<String> keys = (Set<String>) request.getAttribute(NAME, RequestAttributes.SCOPE_REQUEST);
        if (keys == null) {
            keys = new LinkedHashSet<>();
            request.setAttribute(NAME, keys, RequestAttributes.SCOPE_REQUEST);
        }
        return keys;
    }
}
