package notchbook.app.media;

import java.nio.file.Path;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration(proxyBeanMethods = false)
class UploadConfiguration {
    @Bean
    Uploads fileUploads(@Value("${notchbook.media-folder}") Path media) {
        return new Uploads(UploadController.PATH, media.resolve("uploads"), MediaIntake.LARGEST_FILE);
    }
}
