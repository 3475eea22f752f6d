package app.dapt.web.workroom;

import app.dapt.web.workroom.LinkMapper.LinkRow;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Secret addresses under which one cover or set can be looked at by whoever has them. */
@Service
@Transactional
public class LinkStore {

    /** A cover has so many. */
    public static final int MOST = 20;

    private final LinkMapper links;
    private final CoverStore covers;
    private final SetStore sets;

    LinkStore(LinkMapper links, CoverStore covers, SetStore sets) {
        this.links = links;
        this.covers = covers;
        this.sets = sets;
    }

    /** A link that is good. */
    public record Link(long id, Instant madeAt) {}

    @Transactional(readOnly = true)
    public List<Link> list(Owner owner) {
        return links.list(covers.workroom(), owner.isSet(), owner.id()).stream()
                .map(row -> new Link(row.id(), row.madeAt()))
                .toList();
    }

    /**
     * Makes a link to a cover or a set of this workroom.
     *
     * @return its secret, which is not kept; nothing where there are {@link #MOST} already
     */
    public Optional<String> make(Owner owner) {
        if (owner.isSet()) {
            sets.lock(owner.id());
        } else {
            covers.lock(owner.id());
        }
        if (list(owner).size() >= MOST) {
            return Optional.empty();
        }
        String secret = Secret.make();
        links.insert(covers.workroom(), owner.isSet(), owner.id(), Secret.hash(secret));
        return Optional.of(secret);
    }

    /** Ends a link: it leads nowhere from now on. */
    public void end(long id) {
        links.end(covers.workroom(), id);
    }

    /** What a secret leads to; nothing where it leads nowhere, or no longer. */
    @Transactional(readOnly = true)
    public Optional<Owner> find(String secret) {
        return links.find(Secret.hash(secret)).map(LinkStore::owner).filter(this::isThere);
    }

    private static Owner owner(LinkRow row) {
        return row.setId() != null
                ? Owner.set(row.setId())
                : Owner.cover(Objects.requireNonNull(row.coverId(), "a cover's or a set's"));
    }

    /** What was thrown away is not shown. */
    private boolean isThere(Owner owner) {
        return owner.isSet()
                ? sets.list().stream().anyMatch(set -> set.id() == owner.id())
                : covers.findReadable(owner.id()).isPresent();
    }
}
