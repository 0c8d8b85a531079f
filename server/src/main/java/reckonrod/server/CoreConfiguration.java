package reckonrod.server;

import java.time.Clock;
import org.hibernate.cfg.MappingSettings;
import org.hibernate.type.format.jackson.Jackson3JsonFormatMapper;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.radio.RadioDefinitions;
import tools.jackson.databind.json.JsonMapper;

/** The knowledge of the core, loaded once, and the clock. */
@Configuration
class CoreConfiguration {
    @Bean
    BandPlans bandPlans() {
        return BandPlans.shipped();
    }

    @Bean
    RadioDefinitions radioDefinitions() {
        return RadioDefinitions.shipped();
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    // The API documentation brings another JSON library along, which Hibernate would otherwise take.
    @Bean
    HibernatePropertiesCustomizer jsonColumns(JsonMapper mapper) {
        return properties -> properties.put(MappingSettings.JSON_FORMAT_MAPPER, new Jackson3JsonFormatMapper(mapper));
    }
}
