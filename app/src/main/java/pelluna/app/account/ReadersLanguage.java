package pelluna.app.account;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Locale;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.LocaleResolver;

/** The language of a page: its reader's. The page of a failure does not ask the database for it. */
@Component("localeResolver")
class ReadersLanguage implements LocaleResolver {
    private final CurrentKeeper keeper;

    ReadersLanguage(CurrentKeeper keeper) {
        this.keeper = keeper;
    }

    @Override
    public Locale resolveLocale(HttpServletRequest request) {
        return request.getDispatcherType() == DispatcherType.ERROR
                ? keeper.wordsAtHand().language()
                : keeper.language();
    }

    @Override
    public void setLocale(HttpServletRequest request, HttpServletResponse response, Locale locale) {
        keeper.speaks(locale);
    }
}
