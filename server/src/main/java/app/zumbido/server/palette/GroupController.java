package app.zumbido.server.palette;

import app.zumbido.core.brand.Brand;
import app.zumbido.core.brand.Change;
import app.zumbido.core.brand.GroupChange;
import app.zumbido.core.palette.Group;
import app.zumbido.core.palette.SwatchId;
import app.zumbido.server.answer.BrandResponse;
import app.zumbido.server.http.IfMatch;
import app.zumbido.server.http.PlainName;
import app.zumbido.server.trail.BrandKeeper;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The parts of a palette. */
@RestController
@RequestMapping("/api/brands/{id}/groups")
class GroupController {
    private final BrandKeeper keeper;

    GroupController(BrandKeeper keeper) {
        this.keeper = keeper;
    }

    /** Puts swatches into a group; one that is not there yet is made. */
    @PutMapping("/swatches")
    ResponseEntity<BrandResponse> sort(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody SortRequest request) {
        Change change = new GroupChange.SortSwatches(
                request.swatches().stream().map(SwatchId::new).toList(), group(request.group()));
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> change));
    }

    @PutMapping("/name")
    ResponseEntity<BrandResponse> rename(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody GroupNameRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, brand -> {
            Group to = group(request.to());
            if (brand.palette().groups().contains(to)) {
                throw new GroupException("There is a group " + to.name() + " already");
            }
            return new GroupChange.RenameGroup(own(brand, request.group()), to);
        }));
    }

    @PutMapping("/position")
    ResponseEntity<BrandResponse> move(
            @PathVariable UUID id,
            @RequestHeader("If-Match") IfMatch ifMatch,
            @Valid @RequestBody GroupPositionRequest request) {
        return BrandResponse.answer(keeper.change(id, ifMatch, request::change));
    }

    /** The same, only looked at: nothing is kept. */
    @PostMapping("/position/preview")
    ResponseEntity<BrandResponse> previewMove(@PathVariable UUID id, @Valid @RequestBody GroupPositionRequest request) {
        return BrandResponse.answer(keeper.preview(id, request::change));
    }

    /** Takes an own group away; its swatches join the core. */
    @DeleteMapping
    ResponseEntity<BrandResponse> remove(
            @PathVariable UUID id, @RequestHeader("If-Match") IfMatch ifMatch, @RequestParam String group) {
        return BrandResponse.answer(
                keeper.change(id, ifMatch, brand -> new GroupChange.RemoveGroup(own(brand, group))));
    }

    private static Group group(String name) {
        return new Group(name.strip());
    }

    private static Group known(Brand brand, String name) {
        return brand.palette().groups().stream()
                .filter(group -> group.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new GroupException("There is no group " + name));
    }

    private static Group own(Brand brand, String name) {
        Group group = known(brand, name);
        if (!group.isOwn()) {
            throw new GroupException(name + " stands in every palette; only a group of your own can be changed");
        }
        return group;
    }

    /** @param group name of the group that they join */
    record SortRequest(
            @NotEmpty @Size(max = 100) List<UUID> swatches,
            @NotNull @PlainName(max = Group.LONGEST_NAME) String group) {}

    record GroupNameRequest(
            @NotNull String group,
            @NotNull @PlainName(max = Group.LONGEST_NAME) String to) {}

    /** @param position where it stands afterwards, 0 first; beyond the end means last */
    record GroupPositionRequest(
            @NotNull String group, @Min(0) int position) {
        Change change(Brand brand) {
            return new GroupChange.MoveGroup(known(brand, group), position);
        }
    }
}
