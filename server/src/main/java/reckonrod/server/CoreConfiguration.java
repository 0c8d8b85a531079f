package reckonrod.server;

import jakarta.persistence.EntityManagerFactory;
import java.time.Clock;
import org.hibernate.cfg.MappingSettings;
import org.hibernate.type.format.jackson.Jackson3JsonFormatMapper;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.config.BeanFactoryPostProcessor;
import org.springframework.beans.factory.config.DependencyDescriptor;
import org.springframework.beans.factory.support.DefaultListableBeanFactory;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.ContextAnnotationAutowireCandidateResolver;
import org.springframework.data.repository.Repository;
import reckonrod.core.bandplan.BandPlans;
import reckonrod.core.definition.RadioDefinitions;
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

    // A connection that was just used is otherwise handed out unchecked, and one request fails after the database
    // restarts.
    // The pool reads this when it is made, so that it must be said before any bean is.
    @Bean
    static BeanFactoryPostProcessor connectionsAreAlwaysChecked() {
        return beans -> System.setProperty("com.zaxxer.hikari.aliveBypassWindowMs", "-1");
    }

    // Who keeps something gets it from the database when it is asked for, so that nobody waits for Hibernate before
    // that.
    // The deferred bootstrap of repositories does this by itself only where beans were not prepared ahead of time.
    @Bean
    static BeanFactoryPostProcessor repositoriesComeWhenTheyAreNeeded() {
        return beans -> ((DefaultListableBeanFactory) beans)
                .setAutowireCandidateResolver(new ContextAnnotationAutowireCandidateResolver() {
                    @Override
                    protected boolean isLazy(DependencyDescriptor wanted) {
                        return Repository.class.isAssignableFrom(wanted.getDependencyType()) || super.isLazy(wanted);
                    }
                });
    }

    // Before anybody asks: a database that is not as it must be ends the start, and not the first request.
    @Bean
    SmartInitializingSingleton hibernateIsReady(EntityManagerFactory factory) {
        return factory::getMetamodel;
    }

    // The API documentation brings another JSON library along, which Hibernate would otherwise take.
    @Bean
    HibernatePropertiesCustomizer jsonColumns(JsonMapper mapper) {
        return properties -> properties.put(MappingSettings.JSON_FORMAT_MAPPER, new Jackson3JsonFormatMapper(mapper));
    }
}
