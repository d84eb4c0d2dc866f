import { placeNamed, PLACE_TRAITS, type PlaceTrait } from './places.js';

/** Names as drawings and lists have them, with what they are; what is not named here they are not. */
const NAMES: Readonly<Record<string, string>> = {
  open: 'Outside|Street|High Street|Car park|Carpark|Parking lot|Driveway|Terrace|Garden|Patio|Loading dock|Apron|Canopy|Porte-cochère|Playground|Straße|Schulhof|Parkplatz|Terrasse|Außen|Im Freien|Covered way|Sidewalk|Loading yard|Service yard',
  'open refuge':
    'Balcony|Balcony 3|Balkon|Roof|Roof terrace|Dachterrasse|Courtyard|Innenhof|Lichthof|Light well|Exercise yard|Flachdach|Loggia',
  'open yard': 'Yard|Hof|Back yard',
  garage:
    'Garage|Parking garage|Parking level 2|Basement car park|Underground parking|Tiefgarage|Double garage',
  stair:
    'Stair|Stair 2|Stair B|Fire stair|Exit stair 4|Escape stair|Egress stair|Stairwell|Treppenhaus|Treppenraum 1|Nottreppe|Main staircase',
  'passage entrance':
    'Entrance hall|Foyer|Reception|Vestibule|Windfang|Empfang|Draught lobby|Atrium|Main lobby',
  passage:
    'Corridor|Corridor A-104|Corr 2|Passage|Hallway|Landing|Lobby 100|Flur|Stationsflur|Keller Flur|Lift lobby|Internal street|Hospital street|Exit passageway|Store corridor|Vorraum',
  'sanitary single':
    'WC|WC 2|Toilet|Restroom|Accessible WC|Disabled toilet|Unisex restroom|Changing Places WC|Bathroom|Bath 2|En suite|Ensuite|Barrierefreies WC|Behinderten-WC|Bad|Badezimmer|Patient toilet|Powder room',
  sanitary:
    'Women|Men|Ladies|Gents|Girls WCs|Boys toilets|Male toilets|Washroom|High-use restroom|Public restroom|WC Damen|Herren-WC|Restrooms',
  wet: 'Shower|Shower room|Wet room|Changing room|Locker room|Spa|Laundry|Duschraum|Umkleide|Sauna',
  'sleeping patient':
    'Patient room 12|Resident bedroom 4|Ward room 2|ICU room 3|Bewohnerzimmer 7|Patientenzimmer|Isolation room',
  sleeping: 'Bedroom|Bedroom 2|Master bedroom|Bed 3|Guest room|Dormitory|Schlafzimmer|Kinderzimmer',
  child: 'Nursery|Kindergarten|Day care|Gruppenraum|Kita Gruppe|Crèche|Preschool',
  'dwelling sleeping': 'Flat 3|Unit 12|Apartment 4B|Apt 7|Wohnung 2|Suite 301|SOU 9',
  pool: 'Pool|Pool deck|Swimming pool|Schwimmbad|Pool area|Poolside|Hot tub',
  cold: 'Cold room|Coolroom|Walk-in freezer|Freezer|Kühlraum|Tiefkühlraum|Cold store',
  'fault plant':
    'Boiler|Boiler room|Transformer|Transformer vault|Switchgear|Switch room|Main switchroom|Generator|Generator room|Battery room|Heizraum|Kesselraum|Trafostation|Substation',
  plant:
    'Plant room|Plantroom|Electrical closet|Elec|Mechanical|Riser|Server|Comms|IDF|Technik|Roof plant room|Pool plant|Pool pump room',
  crowd:
    'Auditorium|Theatre|Sports hall|Gym|Ballroom|Canteen|Cafeteria|Aula|Saal|Turnhalle|Library|Courtroom|Chapel|Restaurant|Lecture hall|Dining room',
  kept: 'Cell 4|Holding cell|Seclusion room|Custody|Haftraum',
  '': 'Office|Office 214|Store|Store 3|Store under stairs|Cupboard under the stair|Shop|Gift shop|Meeting room|Classroom 4|Kitchen|Pool store|Pool table room|Roof void|Toilet store|Garage office|Stair store|Corridor office|Cell biology lab|Room 12|Lager|Büro 3|Bathroom store|Bedroom furniture shop|Balcony store|Unit heater store|Equipment|Flatware|Pathology|Boiler suit store|Street furniture store|Yard office|Reception office|Gymnast store',
};

const ROWS = Object.entries(NAMES).flatMap(([traits, names]) =>
  names.split('|').map((name): [string, string] => [name, traits]),
);

const traitsOf = (name: string) => [...placeNamed(name, undefined)];

describe('what a place is by its name', () => {
  it.each(ROWS)('%s: %s', (name, traits) => {
    const order = (list: readonly string[]) =>
      PLACE_TRAITS.filter((trait) => list.includes(trait)).join(' ');
    expect(order(traitsOf(name))).toBe(order(traits.split(' ') as PlaceTrait[]));
  });

  it('is the same in capitals, with a number, and with where it is', () => {
    for (const [name] of ROWS) {
      expect([name, traitsOf(name.toUpperCase())]).toEqual([name, traitsOf(name)]);
      if (/\d| [A-Z]$/.test(name)) continue;
      expect([name, traitsOf(`${name} 12`)]).toEqual([name, traitsOf(name)]);
      expect([name, traitsOf(`${name} (level 2)`)]).toEqual([name, traitsOf(name)]);
    }
  });

  it('goes by the use that the building gives it, beside its name', () => {
    expect([...placeNamed('Room 4', 'sleeping')]).toEqual(['sleeping']);
    expect([...placeNamed(undefined, 'stair')]).toEqual(['stair']);
    expect(placeNamed('Stair 2', 'corridor').has('stair')).toBe(true);
    expect(placeNamed(undefined, undefined).size).toBe(0);
  });
});
