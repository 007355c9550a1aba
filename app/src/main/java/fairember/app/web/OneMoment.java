package fairember.app.web;

import fairember.app.database.Database;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.web.servlet.AsyncHandlerInterceptor;

/** All that one request reads is as it was at one moment, so that no view is torn by a change made in the meantime. */
final class OneMoment implements AsyncHandlerInterceptor {
    private final Database database;

    OneMoment(Database database) {
        this.database = database;
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        database.beginMoment();
        return true;
    }

    @Override
    public void afterConcurrentHandlingStarted(
            HttpServletRequest request, HttpServletResponse response, Object handler) {
        database.endMoment();
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception failure) {
        database.endMoment();
    }
}
