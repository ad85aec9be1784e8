#include <iostream>
#include <string>
#include <map>
using namespace std;
class Room { public: string name; map<string, Room*> exits; Room(string n) : name(n) {} void connect(const string& d, Room* o) { exits[d] = o; } };
class Game {
  Room garden{"Garden"}, shed{"Shed"};
  Room* here = &garden;
public:
  Game() { garden.connect("n", &shed); shed.connect("s", &garden); }
  void go(string d) { if (here->exits.count(d)) here = here->exits[d]; cout << here->name << endl; }
};
int main() { Game g; g.go("n"); g.go("x"); g.go("s"); }
