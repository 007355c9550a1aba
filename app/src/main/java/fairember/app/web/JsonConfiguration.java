package fairember.app.web;

import com.fasterxml.jackson.annotation.Nulls;
import fairember.app.codec.CodecModule;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.StreamWriteFeature;

/** Writes the many numbers of drawings by the quicker of the two exact settings, and takes no gaps in lists. */
@Configuration
class JsonConfiguration {
    @Bean
    JsonMapperBuilderCustomizer quickNumbers() {
        return builder -> builder.enable(StreamWriteFeature.USE_FAST_DOUBLE_WRITER);
    }

    /** What is described in the core goes over the border as it is described there. */
    @Bean
    JsonMapperBuilderCustomizer recordsOfTheCore() {
        return builder -> builder.addModule(new CodecModule());
    }

    /** A gap in a list is no value of any kind. */
    @Bean
    JsonMapperBuilderCustomizer noGapsInLists() {
        return builder -> builder.changeDefaultNullHandling(nulls -> nulls.withContentNulls(Nulls.FAIL));
    }
}
