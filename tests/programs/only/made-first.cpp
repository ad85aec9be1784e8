#include <iostream>
#include <string>
#include <vector>
using namespace std;
class Bed {
public:
    vector<string> plants;
    string name;
    Bed() { name = "bed"; cout << "made" << endl; }
};
class Raised : public Bed {
public:
    int height;
    Raised(int h) { height = h; }
};
struct Plot { vector<int> yields; string label; };
int main() {
    Raised r(3);
    r.plants.push_back("bean");
    cout << r.name << r.height << r.plants.size() << endl;
    Plot p; p.yields.push_back(2); p.label += "x";
    Plot q = p; q.yields.push_back(4);
    cout << p.yields.size() << q.yields.size() << q.label << endl;
    for (Plot s : vector<Plot>{p, q}) { s.label = "y"; cout << s.label << s.yields.size() << endl; }
}
