package fairember.app.journey;

import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;

/** A journey through the demo studio in a browser. */
abstract class Journey {
    Studio studio;
    Page page;

    @BeforeClass
    public void open() {
        studio = studio();
        page = new Page();
    }

    Studio studio() {
        return Studio.demo();
    }

    @AfterClass(alwaysRun = true)
    public void close() {
        if (page != null) {
            page.close();
        }
        if (studio != null) {
            studio.close();
        }
    }

    void go(String path) {
        page.open(studio.address() + path);
    }
}
