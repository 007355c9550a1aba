package fairember.app;

import fairember.app.clock.StudioClock;
import fairember.app.database.StudioFolder;
import fairember.app.database.UnfitFileException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Locale;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.jdbc.autoconfigure.DataSourceAutoConfiguration;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.annotation.Bean;

/** Starts Fair Ember and says where it is. */
@SpringBootApplication(exclude = DataSourceAutoConfiguration.class)
@ConfigurationPropertiesScan
public class FairEmber {
    private static final String DATA = "--fairember.data=";

    @SuppressWarnings("SystemOut") // The one thing said to whoever started it.
    public static void main(String[] args) {
        prepare(args);
        try {
            ConfigurableApplicationContext context = start(args);
            if (context instanceof WebServerApplicationContext server && server.getWebServer() != null) {
                System.out.printf(
                        "Fair Ember is running at http://localhost:%d (press Ctrl-C to stop it)%n",
                        server.getWebServer().getPort());
            }
        } catch (SpringApplication.AbandonedRunException trained) {
            throw trained;
        } catch (RuntimeException failure) {
            System.err.println("Fair Ember cannot start. " + words(failure));
            System.exit(1);
        }
    }

    /** Starts the server. Figures and dates are written one way, whatever language the machine speaks. */
    static ConfigurableApplicationContext start(String... args) {
        Locale.setDefault(Locale.ROOT);
        return SpringApplication.run(FairEmber.class, args);
    }

    private static String words(Throwable failure) {
        Throwable root = failure;
        while (root.getCause() != null && !(root instanceof PortInUseException || root instanceof UnfitFileException)) {
            root = root.getCause();
        }
        return root instanceof PortInUseException taken
                ? "Port %d is in use. Choose another port with --port.".formatted(taken.getPort())
                : String.valueOf(root.getMessage());
    }

    /**
     * What is only needed while it runs is kept in the studio's folder, so that a killed start leaves nothing elsewhere.
     */
    private static void prepare(String[] args) {
        for (String arg : args) {
            if (arg.startsWith(DATA)) {
                Path temporary =
                        StudioFolder.own(Path.of(arg.substring(DATA.length())).toAbsolutePath());
                try {
                    Files.createDirectories(temporary);
                    System.setProperty("java.io.tmpdir", temporary.toString());
                } catch (IOException unfit) {
                    return; // The folder is checked, and refused in words, when it is opened.
                }
            }
        }
    }

    /** The time here, or a clock that goes on from {@code fairember.now}, {@code fairember.speed} times as fast. */
    @Bean
    StudioClock clock(@Value("${fairember.now:}") String now, @Value("${fairember.speed:1}") double speed) {
        Clock real = Clock.system(ZoneId.systemDefault());
        Instant from = now.isEmpty() ? real.instant() : StudioClock.parse(now, real.getZone());
        return new StudioClock(real, from, speed);
    }
}
