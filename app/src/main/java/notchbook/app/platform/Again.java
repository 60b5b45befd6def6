package notchbook.app.platform;

import java.util.concurrent.ThreadLocalRandom;
import java.util.function.Supplier;
import org.aopalliance.intercept.MethodInterceptor;
import org.springframework.aop.ProxyMethodInvocation;
import org.springframework.aop.support.DefaultPointcutAdvisor;
import org.springframework.aop.support.annotation.AnnotationMatchingPointcut;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Role;
import org.springframework.core.Ordered;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.TransientDataAccessException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Does work on the database again that failed for a passing reason: two transactions that waited for each other, a row that
 * changed meanwhile, a connection that was lost. Every method that is {@link Transactional} is done so; nobody sees it.
 */
@Configuration(proxyBeanMethods = false)
@Role(BeanDefinition.ROLE_INFRASTRUCTURE)
public class Again {
    /** Two that meet once rarely meet again; who meets this often is told. */
    private static final int MOST_TRIES = 6;

    private static final int LONGEST_PAUSE_MILLIS = 40;

    /** Around the transaction, so that each try has one of its own. */
    @Bean
    @Role(BeanDefinition.ROLE_INFRASTRUCTURE)
    static DefaultPointcutAdvisor transactionsAgain() {
        var advisor = new DefaultPointcutAdvisor(
                AnnotationMatchingPointcut.forMethodAnnotation(Transactional.class), (MethodInterceptor) call -> {
                    if (TransactionSynchronizationManager.isActualTransactionActive()) {
                        return call.proceed();
                    }
                    return tried(() ->
                            ((ProxyMethodInvocation) call).invocableClone().proceed());
                });
        advisor.setOrder(Ordered.LOWEST_PRECEDENCE - 1);
        return advisor;
    }

    /** Work that may throw anything. */
    private interface Work<T> {
        T run() throws Throwable;
    }

    /** The result of work that can be done again from its beginning. */
    public static <T> T until(Supplier<T> work) {
        try {
            return tried(work::get);
        } catch (RuntimeException | Error failed) {
            throw failed;
        } catch (Throwable none) {
            throw new IllegalStateException(none);
        }
    }

    private static <T> T tried(Work<T> work) throws Throwable {
        for (var tries = 1; ; tries++) {
            try {
                return work.run();
            } catch (TransientDataAccessException
                    | DataAccessResourceFailureException
                    | CannotCreateTransactionException passing) {
                if (tries == MOST_TRIES) {
                    throw passing;
                }
                Thread.sleep(ThreadLocalRandom.current().nextInt(1, LONGEST_PAUSE_MILLIS * tries));
            }
        }
    }
}
