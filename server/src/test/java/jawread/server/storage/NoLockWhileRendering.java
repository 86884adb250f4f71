package jawread.server.storage;

import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.regex.Pattern;
import org.aopalliance.intercept.MethodInterceptor;
import org.springframework.aop.framework.ProxyFactory;
import org.springframework.beans.factory.config.BeanPostProcessor;

/** Stands before everything that makes a page, and writes down which was made while locks were held. */
final class NoLockWhileRendering implements BeanPostProcessor {
    private static final Pattern MAKES_PAGES = Pattern.compile(
            "jawread\\.server\\..*\\.(\\w*Pages|\\w*Sheets|PlanViews|BenchOverview|SettingUp|SlipLogs|Pairings|OverTime)");
    static final ConcurrentLinkedQueue<String> FOUND = new ConcurrentLinkedQueue<>();

    @Override
    public Object postProcessAfterInitialization(Object bean, String name) {
        if (!MAKES_PAGES
                .matcher(org.springframework.util.ClassUtils.getUserClass(bean).getName())
                .matches()) {
            return bean;
        }
        var proxies = new ProxyFactory(bean);
        proxies.setProxyTargetClass(true);
        proxies.addAdvice((MethodInterceptor) call -> {
            // What is only looked up, to decide by it, is no page.
            boolean isPage =
                    call.getMethod().getGenericReturnType().getTypeName().contains("View");
            if (isPage && Locks.isAnyHeld()) {
                FOUND.add(call.getMethod().toString());
            }
            return call.proceed();
        });
        return proxies.getProxy(bean.getClass().getClassLoader());
    }
}
