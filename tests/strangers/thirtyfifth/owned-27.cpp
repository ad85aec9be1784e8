#include <iostream>
#include <memory>
#include <vector>
#include <map>
#include <algorithm>
#include <string>
using namespace std;
struct Pot { string n; Pot(string n) : n(n) { cout << "+" << n << " "; } virtual ~Pot() { cout << "-" << n << " "; } void use() const { cout << "use " << n << " "; } };
class Room { string name; public: Room(string n) : name(n) { cout << "room " << name << endl; } ~Room() { cout << "no room " << name << endl; } };
class House { unique_ptr<Room> kitchen; vector<unique_ptr<Room>> rooms; public: House() : kitchen(make_unique<Room>("kitchen")) { rooms.push_back(make_unique<Room>("a")); cout << "house" << endl; } ~House() { cout << "no house" << endl; } void addRoom(const string& n) { rooms.push_back(make_unique<Room>(n)); } };
int main() { House h; h.addRoom("b"); unique_ptr<House> other = make_unique<House>(); other->addRoom("c"); cout << "end" << endl; return 0; }
