#include <iostream>
#include <string>
using namespace std;

int main() {
    string name = "hedge";
    name[0] = 'H';
    name += "row";
    name = "the " + name;
    name.push_back('!');
    cout << name << " " << name.length() << " " << name.find("row") << endl;
    if (name.find("oak") == string::npos) cout << "no oak" << endl;
    if (name.find("row") != string::npos) cout << "a row" << endl;
    cout << name.substr(4) << "|" << name.substr(0, 3) << "|" << name.substr(4, 5) << endl;
    name.erase(0, 4);
    cout << name << endl;
    name.insert(5, "-");
    cout << name << endl;
    name.replace(0, 5, "Fence");
    cout << name << " " << name.front() << name.back() << name.at(2) << endl;
    string line(8, '=');
    cout << line << string(2, '>') << endl;
    cout << (name == "Fence-row!") << (name < "Gate") << name.empty() << endl;
    name.clear();
    cout << name.size() << name.empty() << endl;
}
