#include <iostream>
#include <string>
#include <vector>
using namespace std;
class Gate {
public:
    virtual void pass(int& n, string& told) { n += 1; told += "gate;"; }
    virtual ~Gate() {}
};
class Wide : public Gate {
public:
    void pass(int& n, string& told) override { n += 10; told += "wide;"; }
};
class Shut : public Wide {
public:
    void pass(int& n, string& told) override { Wide::pass(n, told); n *= 2; }
};
int main() {
    Gate gate; Wide wide; Shut shut;
    vector<Gate*> all = {&gate, &wide, &shut};
    int n = 0;
    string told;
    for (Gate* one : all) one->pass(n, told);
    cout << n << " " << told << endl;
    unsigned long long none = 0, some = 7;
    cout << none * some << " " << none / some << " " << none % some << " " << none - 0 << " " << (none & some) << " " << none << " " << 18446744073709551615ULL + 1 + none << " " << (none == 0) << " " << some * none + 3 << endl;
    string letters;
    letters.push_back('a'); letters.push_back('b');
    letters += 'c';
    cout << letters << letters.size() << (letters == "abc") << letters[1] << endl;
}
