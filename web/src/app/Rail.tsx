import { AlarmSwitch } from './Alarm';
import { Facts } from './Facts';
import { Brand, PlaceLink, PlacesNav, RailBar, RailFoot } from './app.styles';
import { PLACES } from './places';

/** All places, beside the sheet. */
export function Rail() {
  return (
    <RailBar>
      <Brand to="/today">
        <img src="/urn.svg" alt="" width={24} height={24} />
        <span>
          Urn
          <br />
          Stew
        </span>
      </Brand>
      <PlacesNav aria-label="Places">
        {PLACES.map((p) => (
          <PlaceLink key={p.path} to={p.path}>
            {p.name}
          </PlaceLink>
        ))}
      </PlacesNav>
      <RailFoot>
        <AlarmSwitch />
        <Facts />
      </RailFoot>
    </RailBar>
  );
}
