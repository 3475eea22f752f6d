package app.dapt.web.workroom;

import app.dapt.web.workroom.ClientMapper.ClientRow;
import java.time.LocalDate;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** For whom covers and sets are made, and on what terms. */
@Service
@Transactional
public class ClientStore {

    public static final int LONGEST_NAME = 80;
    public static final int LONGEST_REACH = 120;
    public static final int LONGEST_NOTE = 300;

    private final ClientMapper clients;
    private final CoverStore covers;

    ClientStore(ClientMapper clients, CoverStore covers) {
        this.clients = clients;
        this.covers = covers;
    }

    /**
     * A price that was told.
     *
     * @param total in hundredths
     */
    public record Quoted(long total, LocalDate on) {}

    /**
     * A client's card.
     *
     * @param reach    how they are reached
     * @param ownCloth whether they bring the cloth
     * @param ownForm  whether they bring the form
     * @param until    when they want it
     * @param extra    for the way, for sending, in hundredths
     * @param paid     before, in hundredths
     * @param quoted   what they were told it costs
     */
    public record Client(
            String name,
            String reach,
            boolean ownCloth,
            boolean ownForm,
            Optional<LocalDate> until,
            int extra,
            int paid,
            String note,
            Optional<Quoted> quoted) {

        public static final Client NOBODY =
                new Client("", "", false, true, Optional.empty(), 0, 0, "", Optional.empty());

        public Client withQuoted(Optional<Quoted> told) {
            return new Client(name, reach, ownCloth, ownForm, until, extra, paid, note, told);
        }
    }

    /** Whom it is for; nobody as long as nothing was said. */
    @Transactional(readOnly = true)
    public Client find(Owner owner) {
        return clients.find(covers.workroom(), owner.isSet(), owner.id())
                .map(row -> new Client(
                        row.name(),
                        row.reach(),
                        row.ownCloth(),
                        row.ownForm(),
                        Optional.ofNullable(row.until()),
                        row.extra(),
                        row.paid(),
                        row.note(),
                        row.quoted() == null || row.quotedOn() == null
                                ? Optional.empty()
                                : Optional.of(new Quoted(row.quoted(), row.quotedOn()))))
                .orElse(Client.NOBODY);
    }

    public void put(Owner owner, Client client) {
        ClientRow row = new ClientRow(
                client.name(),
                client.reach(),
                client.ownCloth(),
                client.ownForm(),
                client.until().orElse(null),
                client.extra(),
                client.paid(),
                client.note(),
                client.quoted().map(Quoted::total).orElse(null),
                client.quoted().map(Quoted::on).orElse(null));
        if (owner.isSet()) {
            clients.putOfSet(covers.workroom(), owner.id(), row);
        } else {
            clients.putOfCover(covers.workroom(), owner.id(), row);
        }
    }
}
