package reckonrod.server.radios;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Profiles of settings, for several radios. */
@RestController
@RequestMapping("/api/setting-profiles")
class SettingProfileController {
    private final SettingProfiles profiles;

    SettingProfileController(SettingProfiles profiles) {
        this.profiles = profiles;
    }

    /**
     * A profile.
     *
     * @param chosen values by the names of settings; a radio takes those that it has
     */
    record ProfileView(
            @NotBlank(message = "must be what you call it") @Size(max = 40, message = "must have at most 40 characters")
            String name,

            @NotEmpty(message = "must have at least one setting")
            @Size(max = 60, message = "must have at most 60 settings")
            Map<String, @NotNull(message = "must be given") String> chosen) {}

    @GetMapping
    List<ProfileView> all() {
        return profiles.all().stream()
                .map(each -> new ProfileView(each.name(), each.chosen()))
                .toList();
    }

    /** Keeps a profile, in place of one of that name. */
    @PostMapping
    List<ProfileView> keep(@Valid @RequestBody ProfileView request) {
        profiles.keep(request.name().strip(), request.chosen());
        return all();
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@RequestParam String name) {
        profiles.forget(name);
    }
}
