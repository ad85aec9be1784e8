#include <iostream>
#include <string>
#include <vector>
using namespace std;

struct Base {
    int kept = 4;
};
struct Made : Base {
    int more;
    Made() : more(7) {}
};
struct Below : Base {
    int own = 2;
};
struct Plain {
    int count;
    string name;
    double share;
};

int main() {
    Made made{};
    cout << made.kept << made.more << endl;
    Below below{};
    cout << below.kept << below.own << endl;
    Plain plain{};
    cout << plain.count << plain.name << plain.share << endl;
    Plain part{3};
    cout << part.count << part.name << part.share << endl;
    vector<Plain> beds(2);
    cout << beds[1].count << beds[1].share << endl;
    return 0;
}
