package notchbook.app.platform;

import java.io.IOException;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the built front end; any path that is neither a file nor the API is a screen of it. */
@Configuration
class FrontEnd implements WebMvcConfigurer {
    private static final Duration ASSETS_NEVER_CHANGE = Duration.ofDays(365);

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**")
                .addResourceLocations("classpath:/static/assets/")
                .setCacheControl(
                        CacheControl.maxAge(ASSETS_NEVER_CHANGE).cachePublic().immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache())
                .resourceChain(false)
                .addResolver(new Screens());
    }

    private static final class Screens extends PathResourceResolver {
        @Override
        protected @Nullable Resource getResource(String path, Resource location) throws IOException {
            var file = super.getResource(path, location);
            var isScreen = !path.startsWith("api/") && !path.contains(".");
            return file == null && isScreen ? new ClassPathResource("/static/index.html") : file;
        }
    }
}
