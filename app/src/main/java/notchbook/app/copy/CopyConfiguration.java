package notchbook.app.copy;

import java.nio.file.Path;
import notchbook.app.media.Shelf;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration(proxyBeanMethods = false)
class CopyConfiguration {
    @Bean
    Shelf copyShelf(@Value("${notchbook.media-folder}") Path media) {
        return new Shelf(media.resolve("copies"));
    }
}
