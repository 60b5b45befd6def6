package notchbook.app.platform;

import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/** Sessions stand in the database and cost each request one read. */
@Configuration(proxyBeanMethods = false)
class SessionConfiguration {
    /** Reading one row needs no transaction; a new session that lacks what belongs to it is one that nobody is signed in with. */
    @Bean
    static TransactionOperations springSessionTransactionOperations() {
        return TransactionOperations.withoutTransaction();
    }

    /** For all others; with the one above there, nobody makes it by itself. */
    @Bean
    @Primary
    static TransactionTemplate transactions(PlatformTransactionManager manager) {
        return new TransactionTemplate(manager);
    }

    @Bean
    static BeanPostProcessor quietSessions() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof FindByIndexNameSessionRepository<?> sessions
                        ? new QuietSessions<>(sessions)
                        : bean;
            }
        };
    }
}
