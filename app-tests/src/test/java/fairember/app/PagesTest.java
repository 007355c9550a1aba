package fairember.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.testng.annotations.Test;

/** The one page, its assets and its licences, all from this machine. */
public class PagesTest extends ServerTest {
    @LocalServerPort
    private int port;

    private HttpResponse<String> get(String path, String... headers) throws IOException, InterruptedException {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create("http://localhost:" + port + path));
        if (headers.length > 0) {
            request.headers(headers);
        }
        return HttpClient.newHttpClient().send(request.build(), HttpResponse.BodyHandlers.ofString());
    }

    @Test
    public void everyAddressOfAPlaceGivesThePageAndNothingElseDoes() throws Exception {
        String page = withoutNonce(get("/").body());
        for (String path : new String[] {"/bench", "/designs/1/steps", "/batches/3/oven", "/nowhere"}) {
            assertThat(withoutNonce(get(path).body())).isEqualTo(page);
        }
        assertThat(get("/missing.png").statusCode()).isEqualTo(404);
        assertThat(get("/api/missing").statusCode()).isEqualTo(404);
        assertThat(get("/assets/missing.js").statusCode()).isEqualTo(404);
    }

    private static String withoutNonce(String page) {
        return page.replaceAll("content=\"[\\w-]{22}\"", "");
    }

    @Test
    public void assetsAreKeptForEverAndThePageIsAskedForAnew() throws Exception {
        HttpResponse<String> page = get("/");
        assertThat(page.headers().firstValue("Cache-Control")).contains("no-store");
        Matcher script = Pattern.compile("src=\"(/assets/[^\"]+\\.js)\"").matcher(page.body());
        assertThat(script.find()).isTrue();
        HttpResponse<String> asset = get(script.group(1), "Accept-Encoding", "gzip");
        assertThat(asset.statusCode()).isEqualTo(200);
        assertThat(asset.headers().firstValue("Cache-Control"))
                .hasValueSatisfying(kept -> assertThat(kept).contains("max-age=31536000", "immutable"));
        assertThat(asset.headers().firstValue("Content-Encoding")).contains("gzip");
    }

    @Test
    public void nothingIsLoadedFromElsewhere() throws Exception {
        HttpResponse<String> page = get("/");
        assertThat(page.headers().firstValue("Content-Security-Policy"))
                .hasValueSatisfying(
                        policy -> assertThat(policy).contains("default-src 'self'", "frame-ancestors 'none'"));
        assertThat(page.body()).doesNotContain("https://", "http://");
        assertThat(get("/licences/bricolage-grotesque-OFL.txt").body()).contains("SIL Open Font License");
    }
}
