package jawread.server.drawer;

import static jawread.server.access.Allowed.To.PERSON;

import jakarta.servlet.http.HttpServletRequest;
import jawread.server.access.Allowed;
import jawread.server.access.ScreenTickets;
import jawread.server.words.Editions;
import jawread.server.words.Words;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Masters. Whatever changes one answers with the drawer. */
@RestController
@RequestMapping("/drawer/masters")
class MasterController {
    private final DrawerPages pages;
    private final Masters masters;
    private final ScreenTickets tickets;
    private final Words words;

    MasterController(DrawerPages pages, Masters masters, ScreenTickets tickets, Words words) {
        this.pages = pages;
        this.masters = masters;
        this.tickets = tickets;
        this.words = words;
    }

    @Allowed(PERSON)
    @PostMapping
    DrawerView addMaster(@RequestBody TypedMaster body, HttpServletRequest request) {
        masters.add(body);
        return pages.all(tickets.personAt(request));
    }

    @Allowed(PERSON)
    @PutMapping("/{master}")
    DrawerView writeMaster(
            @PathVariable long master,
            @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String ifMatch,
            @RequestBody TypedMaster body,
            HttpServletRequest request) {
        masters.write(master, Editions.of(ifMatch, words), body);
        return pages.all(tickets.personAt(request));
    }
}
