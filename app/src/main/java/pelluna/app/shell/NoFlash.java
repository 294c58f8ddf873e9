package pelluna.app.shell;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.DispatcherServlet;
import org.springframework.web.servlet.FlashMap;
import org.springframework.web.servlet.FlashMapManager;

/** Nothing is handed from one request to the next: so a style or a script asks no session, and so no database. */
@Component(DispatcherServlet.FLASH_MAP_MANAGER_BEAN_NAME)
class NoFlash implements FlashMapManager {
    @Override
    public FlashMap retrieveAndUpdate(HttpServletRequest request, HttpServletResponse response) {
        return null;
    }

    @Override
    public void saveOutputFlashMap(FlashMap handed, HttpServletRequest request, HttpServletResponse response) {
        // what is refused is shown by the answer itself
    }
}
