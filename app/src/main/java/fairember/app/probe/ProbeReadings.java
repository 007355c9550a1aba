package fairember.app.probe;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.util.List;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * Readings of a probe, in any order: objects with {@code at}, a time with its offset or by the studio's wall, and
 * {@code tempC}. Each is looked at by itself.
 */
public record ProbeReadings(
        @JsonSetter(contentNulls = Nulls.SET) List<@Nullable JsonNode> readings) {}
