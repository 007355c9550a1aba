package fairember.app.database;

import java.nio.file.Path;
import org.springframework.boot.context.properties.ConfigurationProperties;

/**
 * Where the studio lives.
 *
 * @param data folder that holds all of it
 * @param demo whether an empty folder is filled with the demo studio
 */
@ConfigurationProperties("fairember")
public record StudioSettings(Path data, boolean demo) {}
