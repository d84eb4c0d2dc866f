/** Names of rooms as drawings and lists have them, by the traits of the places that they are; no others are theirs. */
export const ROOM_NAMES: Readonly<Record<string, string>> = {
  open: 'Outside|Street|High Street|Car park|Carpark|Parking lot|Driveway|Terrace|Garden|Patio|Loading dock|Apron|Canopy|Porte-cochère|Playground|Straße|Schulhof|Parkplatz|Terrasse|Außen|Im Freien|Covered way|Sidewalk|Loading yard|Service yard|Parking|Front garden|Rear garden|Back garden|Lane|Alley|Rear lane|Forecourt|Plaza|Fire lane path|Side path|Delivery yard|Bin yard|Covered walkway|Deck access|Alfresco|Verandah|Dock apron|Entry canopy|Ramp|Pausenhof|Wirtschaftshof|Vorplatz|Gehweg|Zufahrt|Spielplatz|Garten|Laubengang|Colonnade',
  'open refuge':
    'Balcony|Balcony 3|Balkon|Roof|Roof terrace|Dachterrasse|Courtyard|Innenhof|Lichthof|Light well|Exercise yard|Flachdach|Loggia|Rooftop|Roof garden|Dachgarten|Balkon 4|Inner court|Sensory garden',
  'open yard': 'Yard|Hof|Back yard',
  garage:
    'Garage|Parking garage|Parking level 2|Basement car park|Underground parking|Tiefgarage|Double garage|Carport|Undercroft parking|Multi-storey car park|Parking structure|Parking deck',
  stair:
    'Stair|Stair 2|Stair B|Fire stair|Exit stair 4|Escape stair|Egress stair|Stairwell|Treppenhaus|Treppenraum 1|Nottreppe|Main staircase|Stairs|Stairway 3|Enclosed stair|Protected stair 2|Treppe|Fluchttreppe|Stair No. 4|Stair S-2|North stair|Central stair|Accommodation stair|Kellertreppenhaus',
  'passage entrance':
    'Entrance hall|Foyer|Reception|Vestibule|Windfang|Empfang|Draught lobby|Atrium|Main lobby|Entry|Main entrance|Entrance lobby|Draft lobby|Wind lobby|Porch|Narthex|Eingang|Eingangshalle|Concourse',
  passage:
    'Corridor|Corridor A-104|Corr 2|Passage|Hallway|Landing|Lobby 100|Flur|Stationsflur|Keller Flur|Lift lobby|Internal street|Hospital street|Exit passageway|Store corridor|Vorraum|Circulation|Service corridor|Ward corridor|Exit corridor|Elevator lobby 2|Aufzugsvorraum|Passageway|Corridor level 2|Verbindungsgang|Hausflur|Wohnungsflur|Korridor|Learning street',
  'sanitary single':
    'WC|WC 2|Toilet|Restroom|Accessible WC|Disabled toilet|Unisex restroom|Changing Places WC|Bathroom|Bath 2|En suite|Ensuite|Barrierefreies WC|Behinderten-WC|Bad|Badezimmer|Patient toilet|Powder room|Lavatory|Staff WC|Staff toilet|Family restroom|Ambulant WC|All-gender restroom|Gäste-WC|Duschbad|Changing Places|Single-user restroom|Patient bathroom|RR',
  sanitary:
    'Women|Men|Ladies|Gents|Girls WCs|Boys toilets|Male toilets|Washroom|High-use restroom|Public restroom|WC Damen|Herren-WC|Restrooms|Female WC|Male WC|Female toilets|Girls|Boys|Group restroom|Damen|Herren|Damen-WC|WC Herren|Multi-stall restroom|Public toilet',
  wet: 'Shower|Shower room|Wet room|Changing room|Locker room|Spa|Laundry|Duschraum|Umkleide|Sauna|Changing rooms|Locker room|Steam room|Dishwashing|Waschküche|Spülküche|Umkleiden|Wet rooms',
  'sleeping patient':
    'Patient room 12|Resident bedroom 4|Ward room 2|ICU room 3|Bewohnerzimmer 7|Patientenzimmer|Isolation room|Patient room|Resident room 11|Ward bay|Recovery room 2|Birthing room 1|Pflegezimmer 4|Care bedroom',
  sleeping:
    'Bedroom|Bedroom 2|Master bedroom|Bed 3|Guest room|Dormitory|Schlafzimmer|Kinderzimmer|Main bedroom|Guest rooms|Sleeping room|Gästezimmer|Hotelzimmer 12|Spare bedroom',
  child:
    'Nursery|Kindergarten|Day care|Gruppenraum|Kita Gruppe|Crèche|Preschool|Creche|Toddlers|Reception class|Childcare|Kita',
  'dwelling sleeping':
    'Flat 3|Unit 12|Apartment 4B|Apt 7|Wohnung 2|Suite 301|SOU 9|Apartment 12|Flat 14B|Dwelling 3|Wohneinheit 4|Whg 7|Unit 204',
  pool: 'Pool|Pool deck|Swimming pool|Schwimmbad|Pool area|Poolside|Hot tub|Pools|Pool enclosure|Pool hall|Schwimmhalle|Swimming|Pool terrace',
  cold: 'Cold room|Coolroom|Walk-in freezer|Freezer|Kühlraum|Tiefkühlraum|Cold store|Chiller room|Walk-in cooler|Kühlzelle|Freezers|Cold stores',
  'fault plant':
    'Boiler|Boiler room|Transformer|Transformer vault|Switchgear|Switch room|Main switchroom|Generator|Generator room|Battery room|Heizraum|Kesselraum|Trafostation|Substation|Boiler house|Furnace room|MV room|HV room|Transformer room|Switchboard|Main switchboard|Trafo|Schaltraum|Batterieraum|Refrigeration machinery room',
  plant:
    'Plant room|Plantroom|Electrical closet|Elec|Mechanical|Riser|Server|Comms|IDF|Technik|Roof plant room|Pool plant|Pool pump room|AHU|Pump room|IT room|MDF|Electrical room|Electrical cupboard|Lüftung|Technikraum|Risers|Mech|Elektro',
  crowd:
    'Auditorium|Theatre|Sports hall|Gym|Ballroom|Canteen|Cafeteria|Aula|Saal|Turnhalle|Library|Courtroom|Chapel|Restaurant|Lecture hall|Dining room|Cinema|Nightclub|Assembly hall|Arena|Exhibition hall|Festsaal|Mensa|Hörsaal|Versammlungsraum|Food court|Multi-purpose|Lecture theatre|Conference hall|Banquet hall|Gymnasium|Sporthalle|Dining hall',
  kept: 'Cell 4|Holding cell|Seclusion room|Custody|Haftraum|Detention|Seclusion|Gewahrsam|Custody|Cell',
  '': 'Office|Office 214|Store|Store 3|Store under stairs|Cupboard under the stair|Shop|Gift shop|Meeting room|Classroom 4|Kitchen|Pool store|Pool table room|Roof void|Toilet store|Garage office|Stair store|Corridor office|Cell biology lab|Room 12|Lager|Büro 3|Bathroom store|Bedroom furniture shop|Balcony store|Unit heater store|Equipment|Flatware|Pathology|Boiler suit store|Street furniture store|Yard office|Reception office|Gymnast store|Cleaner|Janitor|Housekeeping|Linen|Records|Archive|Studio 3|Workshop|Reception store|Terrace bar|Garden centre|Street food kitchen|Plantar clinic|Poolroom store|Coldplay studio|Stairlift store|Roofing shop|Courtroom office|Foyer store|Corridor store|Atrium café|Library office|Toilet paper store|Kitchen store|Battery store|Gym office|Theatre workshop|Treatment 4|Consulting 2|Lab 3|Pharmacy|Besprechung 2|Sekretariat|Werkstatt|Archiv|Teeküche|Putzraum|Abstellraum|Wohnzimmer|Arbeitszimmer|Media room|Family room|Lounge|Study|Pantry|Linen store|Cash office|Post room|Print room|Wardrobe',
};
