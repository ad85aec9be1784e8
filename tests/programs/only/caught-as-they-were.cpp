#include <iostream>
#include <vector>
#include <string>
using namespace std;
struct P { int x; };
int main() {
    P p{1};
    vector<int> v{1, 2};
    string s = "a";
    auto getP = [p] { return p.x; };
    auto getV = [v]() { return v.size(); };
    auto first = [=] { return v[0]; };
    auto getS = [s]() { return s; };
    auto refP = [&p] { return p.x; };
    p.x = 5; v.push_back(3); v[0] = 9; s += "b";
    cout << getP() << getV() << first() << getS() << refP() << endl;
    const int& c = p.x;
    const string& r = s;
    const P& pr = p;
    int n = 4;
    const int& nr = n;
    s += "!"; p.x = 8; n++;
    cout << r << pr.x << nr << endl;
    const auto& last = v.back();
    const double half = 0.5;
    const string& made = s + "x";
    cout << last << half << made << endl;
}
