package fairember.app;

import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.ZoneId;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.jdbc.autoconfigure.DataSourceAutoConfiguration;
import org.springframework.context.annotation.Bean;

/** Starts Fair Ember. */
@SpringBootApplication(exclude = DataSourceAutoConfiguration.class)
@ConfigurationPropertiesScan
public class FairEmber {
    public static void main(String[] args) {
        SpringApplication.run(FairEmber.class, args);
    }

    /** The time here, or, for tests and pictures, a clock that goes on from {@code fairember.now}. */
    @Bean
    Clock clock(@Value("${fairember.now:}") String now) {
        Clock real = Clock.system(ZoneId.systemDefault());
        return now.isEmpty()
                ? real
                : Clock.offset(
                        real,
                        Duration.between(
                                real.instant(), LocalDateTime.parse(now).atZone(real.getZone())));
    }
}
