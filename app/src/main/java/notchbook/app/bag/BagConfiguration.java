package notchbook.app.bag;

import java.nio.file.Path;
import notchbook.app.media.Shelf;
import notchbook.app.media.Uploads;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration(proxyBeanMethods = false)
class BagConfiguration {
    /** The work of many years with its sounds and clips, in bytes. */
    private static final long LARGEST = 8_000_000_000L;

    @Bean
    Shelf bagShelf(@Value("${notchbook.media-folder}") Path media) {
        return new Shelf(media.resolve("bags"));
    }

    @Bean
    Uploads bagUploads(@Value("${notchbook.media-folder}") Path media) {
        return new Uploads(BagController.UPLOADS, media.resolve("bag-uploads"), LARGEST);
    }
}
