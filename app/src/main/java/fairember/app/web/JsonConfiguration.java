package fairember.app.web;

import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.StreamWriteFeature;

/** Writes the many numbers of drawings by the quicker of the two exact ways. */
@Configuration
class JsonConfiguration {
    @Bean
    JsonMapperBuilderCustomizer quickNumbers() {
        return builder -> builder.enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER);
    }
}
