package fairember.app.web;

import fairember.app.database.Database;
import java.util.List;
import org.apache.catalina.core.StandardHost;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.MediaType;
import org.springframework.web.servlet.config.annotation.ContentNegotiationConfigurer;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * How requests are taken: an answer is in its one form, whatever the request says it would accept, so that nothing is done
 * and then refused; and all that a request reads is of one moment.
 */
@Configuration
class WebConfiguration implements WebMvcConfigurer {
    private final Database database;

    WebConfiguration(Database database) {
        this.database = database;
    }

    @Override
    public void configureContentNegotiation(ContentNegotiationConfigurer configurer) {
        configurer.strategies(List.of(request -> List.of(MediaType.ALL)));
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(new OneMoment(database)).addPathPatterns("/api/**");
    }

    @Bean
    static WebServerFactoryCustomizer<TomcatServletWebServerFactory> problemValve() {
        return factory -> factory.addContextCustomizers(context -> {
            if (context.getParent() instanceof StandardHost host) {
                host.setErrorReportValveClass(ProblemValve.class.getName());
            }
        });
    }
}
