package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.testng.annotations.Test;
import tools.jackson.databind.node.ObjectNode;

/** The plan as a calendar file: lines as short as RFC 5545 asks (3.1), names that stay, and an alarm for each load. */
public class CalendarTest extends ServerTest {
    private String calendar() {
        return http().get("/api/baking/calendar.ics").text();
    }

    private static Set<String> uids(String calendar) {
        List<String> all = Pattern.compile("UID:(\\S+)")
                .matcher(calendar.replace("\r\n ", ""))
                .results()
                .map(MatchResult::group)
                .toList();
        assertThat(all).doesNotHaveDuplicates();
        return new TreeSet<>(all);
    }

    @Test
    public void linesAreFoldedAndEachLoadHasAnAlarmAtItsEnd() {
        String calendar = calendar();
        assertThat(calendar.split("\r\n"))
                .allSatisfy(line ->
                        assertThat(line.getBytes(StandardCharsets.UTF_8)).hasSizeLessThanOrEqualTo(75));
        int loads = http().get("/api/baking").json().path("planned").size();
        String whole = calendar.replace("\r\n ", "");
        assertThat(whole.split("TRIGGER;RELATED=END:PT0S", -1)).hasSize(loads + 1);
        assertThat(whole).contains("DESCRIPTION:Take out load 1");
    }

    @Test
    public void namesStayWhenThePlanShifts() {
        Set<String> before = uids(calendar());
        String first = calendar();
        ObjectNode settings = http().get("/api/settings")
                .json()
                .path("settings")
                .deepCopy()
                .asObject()
                .put("opens", "09:40");
        assertThat(http().change("/api/settings", settings).status()).isEqualTo(200);
        String shifted = calendar();
        assertThat(shifted.replaceAll("DTSTAMP:\\S+", "")).isNotEqualTo(first.replaceAll("DTSTAMP:\\S+", ""));
        Set<String> loads = new TreeSet<>(uids(shifted));
        before.removeIf(uid -> !uid.startsWith("UID:load"));
        loads.removeIf(uid -> !uid.startsWith("UID:load"));
        assertThat(loads).isNotEmpty().isEqualTo(before);
    }
}
