rooms = {
    'Shed':   {'north': 'Meadow', 'item': 'lamp'},
    'Meadow': {'south': 'Shed', 'east': 'Pond', 'item': None},
    'Pond':   {'west': 'Meadow', 'item': 'key'}
}
bag = []
here = 'Shed'
moves = 0

def describe(place):
    room = rooms[place]
    exits = [d for d in room if d != 'item']
    print('You are in the', place + '.', 'Exits:', ', '.join(exits) or 'none')
    if room.get('item'):
        print('You see a ' + room['item'])

while True:
    describe(here)
    command = input('> ').lower().split()
    if not command:
        print('Pardon?')
        continue
    moves += 1
    verb, *words = command
    noun = words[0] if words else ''
    if verb in {'go', 'walk'} and noun in rooms[here] and noun != 'item':
        here = rooms[here][noun]
    elif verb == 'get':
        if rooms[here]['item'] == noun and noun:
            bag.append(rooms[here].pop('item'))
            rooms[here]['item'] = None
            print(f'{noun!r} taken')
        else:
            print("Can't get " + noun + "!")
    elif verb == 'bag':
        print('Bag:', *bag)
    elif verb == 'quit':
        break
    else:
        print('You can\'t do that')
print('Moves:', moves, 'Items:', len(bag))
