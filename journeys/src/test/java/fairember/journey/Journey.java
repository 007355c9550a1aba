package fairember.journey;

import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;

/** A journey through the demo studio in a browser. */
abstract class Journey {
    Studio studio;
    Page page;

    @BeforeClass
    public void open() {
        studio = studio();
        page = Page.shared();
    }

    /** The studio it begins in; one of its own where it lets time run fast, needs the hour the demo begins with or begins with nothing. */
    Studio studio() {
        return Studio.shared();
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        if (studio != null && !studio.isShared()) {
            studio.close();
        }
    }

    /** Goes to a place of the studio, as a link in the page would when the pages stand already. */
    void go(String path) {
        String here = page.driver().getCurrentUrl();
        boolean inside = here.startsWith(studio.address() + "/");
        String place = place(path);
        if (inside && !place(here.substring(studio.address().length())).equals(place)) {
            page.follow(path);
        } else {
            page.open(studio.address() + path);
        }
    }

    /** Goes there unless this is the place already; {@link #go} makes the page anew then. */
    void stayAt(String path) {
        if (!page.driver().getCurrentUrl().equals(studio.address() + path)) {
            go(path);
        }
    }

    private static String place(String path) {
        return path.replaceFirst("\\?.*", "");
    }

    /** A new design of a kind, open under this name; gives its number. */
    long begin(String kind, String name) {
        go("/designs");
        page.press("New design");
        page.pick(kind);
        page.until(() -> page.driver().getCurrentUrl().matches(".*/designs/\\d+"));
        String address = page.driver().getCurrentUrl();
        page.enter("Name of the design", name);
        page.sees("to “" + name + "”");
        return Long.parseLong(address.replaceAll(".*/", ""));
    }

    /** The design that is open, removed. */
    void removed() {
        page.press("Remove this design");
        page.until(() -> page.driver().getCurrentUrl().endsWith("/designs"));
    }
}
