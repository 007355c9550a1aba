package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** What starts, tests or documents the application names only scripts that are there. */
public class ScriptsTest {
    private static final Path ROOT = Path.of("..");
    private static final Pattern SCRIPT = Pattern.compile("scripts/[\\w.-]*\\w");

    @DataProvider
    public Object[][] files() throws IOException {
        List<Path> files = new ArrayList<>();
        for (String name :
                new String[] {"run", "test", "README.md", "journeys/pom.xml", "ui/pom.xml", "ui/package.json"}) {
            files.add(ROOT.resolve(name));
        }
        for (String folder : new String[] {"docs", "scripts"}) {
            try (Stream<Path> inside = Files.list(ROOT.resolve(folder))) {
                inside.filter(Files::isRegularFile).forEach(files::add);
            }
        }
        return files.stream().map(file -> new Object[] {file}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "files")
    public void everyScriptItNamesIsThere(Path file) throws IOException {
        Path from = file.startsWith(ROOT.resolve("ui")) ? ROOT.resolve("ui") : ROOT;
        assertThat(SCRIPT.matcher(Files.readString(file)).results().map(MatchResult::group))
                .allSatisfy(script -> assertThat(from.resolve(script)).isRegularFile());
    }
}
