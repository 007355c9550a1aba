package fairember.app.trial;

import static fairember.app.web.Given.all;
import static fairember.app.web.Given.given;

import fairember.core.colour.Srgb;
import fairember.core.input.Gathering;
import fairember.core.input.InvalidInputException;
import fairember.core.input.Words;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Finishes or tints tried side by side on one day. */
public record TrialForm(String name, LocalDate madeOn, String note, List<TrialRowForm> rows) {
    private static final int MOST_ROWS = 24;
    private static final int MOST_NOTE = 400;

    /**
     * One that was tried.
     *
     * @param hex its colour, when it was looked at
     * @param chosen whether it is the one to make
     */
    public record TrialRowForm(String name, @Nullable String hex, String note, boolean chosen) {
        private String check() {
            Gathering g = new Gathering();
            g.at("", () -> Words.name("name", given("name", name)));
            g.at("", () -> noteOrRefuse(given("note", note)));
            if (hex != null) {
                g.at("", () -> Srgb.parse("hex", hex));
            }
            g.orRefuse();
            return name;
        }
    }

    /** Refused with everything that is wrong. */
    void check() {
        Gathering g = new Gathering();
        g.at("", () -> Words.name("name", given("name", name)));
        g.at("", () -> given("madeOn", madeOn));
        g.at("", () -> noteOrRefuse(given("note", note)));
        List<TrialRowForm> given = g.at("", () -> all("rows", rows)).orElse(List.of());
        if (given.isEmpty() || given.size() > MOST_ROWS) {
            g.error("rows", given.size() + " rows", "1 to " + MOST_ROWS, "Give each variant one row.");
        }
        for (int i = 0; i < given.size(); i++) {
            TrialRowForm row = given.get(i);
            g.at("rows[" + i + "]", row::check);
        }
        if (given.stream().filter(TrialRowForm::chosen).count() > 1) {
            g.error("rows", "more than one chosen variant", "one or none", "Choose one of them.");
        }
        g.orRefuse();
    }

    private static String noteOrRefuse(String note) {
        if (note.length() > MOST_NOTE) {
            throw new InvalidInputException(
                    "note", note.length() + " letters", "at most " + MOST_NOTE, "Shorten the note.");
        }
        return note;
    }
}
