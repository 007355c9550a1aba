package fairember.app.web;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;
import org.springframework.web.servlet.resource.ResourceTransformerChain;
import org.springframework.web.servlet.resource.TransformedResource;

/** Serves the pages: named assets for ever, the one page for every address that is neither a file nor the API. */
@Configuration
class PagesConfiguration implements WebMvcConfigurer {
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/api/*.json").addResourceLocations("classpath:/openapi/");
        registry.addResourceHandler("/**")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noStore())
                .resourceChain(false)
                .addResolver(new OnePage())
                .addTransformer(PagesConfiguration::withNonce);
    }

    /** The page carries the nonce of its answer, for the style sheets it writes itself. */
    private static Resource withNonce(HttpServletRequest request, Resource resource, ResourceTransformerChain chain)
            throws IOException {
        if (!"index.html".equals(resource.getFilename())) {
            return chain.transform(request, resource);
        }
        String page = resource.getContentAsString(StandardCharsets.UTF_8);
        String nonce = String.valueOf(request.getAttribute(RequestGuard.NONCE));
        return new TransformedResource(resource, page.replace("%NONCE%", nonce).getBytes(StandardCharsets.UTF_8));
    }

    private static final class OnePage extends PathResourceResolver {
        @Override
        protected @Nullable Resource getResource(String path, Resource location) throws IOException {
            Resource file = super.getResource(path, location);
            if (file != null || path.startsWith("api/") || path.contains(".")) {
                return file;
            }
            return new ClassPathResource("static/index.html");
        }
    }
}
