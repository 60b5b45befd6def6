package notchbook.app.link;

import org.apache.hc.client5.http.DnsResolver;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

@Configuration
class LinkConfiguration {
    /** The names of the web; the demo school puts in one that knows its own small web too. */
    @Bean
    DnsResolver namesOfTheWeb() {
        return new PublicNames();
    }

    @Bean
    PlacesForBrowsers placesOfTheWeb() {
        return address -> address;
    }
}
