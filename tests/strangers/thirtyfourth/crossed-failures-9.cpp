#include <iostream>
#include <stdexcept>
#include <string>
#include <vector>
#include <map>
using namespace std;
class Bad : public runtime_error {
public:
    int code;
    Bad(const string& why, int c) : runtime_error("bad: " + why), code(c) {}
};
class Worse : public Bad { public: Worse(int c) : Bad("worse", c * 10) {} };
struct Plain { int n; };

int f0(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "7";
    cout << stoi(s) << endl;
    try { try { cout << "step " << k << endl; cout << v.at(k) << endl; k += 2; } catch (exception& err) { cout << "exception " << err.what() << endl; k++; } catch (invalid_argument& e) { cout << "invalid_argument " << e.what() << endl; return -1; } } catch (Bad& err) { cout << "Bad " << err.what() << err.code << endl;  } catch (const runtime_error& err) { cout << "runtime_error " << err.what() << endl; throw runtime_error("again"); }
    cout << stoi(s) << endl;
    return k + 1;
}
int f1(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "";
    while (k < 2) { k++; cout << stoi(s) << endl; }
    cout << "step " << k << endl;
    return k + 1;
}
int main() {
    int k = 2; vector<int> v = {1, 2, 3}; map<string, int> m; string s = "5";
    v.push_back(k);
    if (k == 3) throw k;
    cout << "end " << k << endl;
    return 0;
}
