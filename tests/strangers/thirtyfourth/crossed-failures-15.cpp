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
    for (int i = 0; i < 3; i++) { try { k += 2; cout << stoi(s) << endl; m["pea"] = k; } catch (out_of_range& e) { cout << "out_of_range " << e.what() << endl; throw runtime_error("again"); } if (i == k) continue; cout << "i" << i << endl; }
    try { cout << "step " << k << endl; for (int i = 0; i < 3; i++) { cout << "step " << k << endl; if (i == 1) break; cout << "i" << i << endl; } for (int i = 0; i < 3; i++) { m["pea"] = k;  cout << "i" << i << endl; } } catch (logic_error x) { cout << "logic_error " << x.what() << endl; throw; } catch (const char* x) { cout << "const char* " << x << endl; throw; }
    return k + 1;
}
int f1(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "";
    s = "12";
    return k + 1;
}
int main() {
    int k = 1; vector<int> v = {1, 2, 3}; map<string, int> m; string s = "5";
    for (int i = 0; i < 3; i++) { try { while (k < 3) { k++; if (k == 0) throw logic_error("dry"); } if (k == 0) throw logic_error("dry"); cout << "step " << k << endl; } catch (...) { cout << "any" << endl;  }  cout << "i" << i << endl; }
    for (int i = 0; i < 3; i++) { v.push_back(k);  cout << "i" << i << endl; }
    try { try { while (k < 4) { k++; cout << "step " << k << endl; } k += 2; if (k > 0) { v.push_back(k); } else { if (k < 0) throw length_error("no seed"); } } catch (...) { cout << "any" << endl; throw; } for (int i = 0; i < 3; i++) { try { cout << v.at(k) << endl; cout << stoi(s) << endl; v.push_back(k); } catch (invalid_argument err) { cout << "invalid_argument " << err.what() << endl;  }  cout << "i" << i << endl; } } catch (runtime_error err) { cout << "runtime_error " << err.what() << endl; throw; }
    cout << "end " << k << endl;
    return 0;
}
