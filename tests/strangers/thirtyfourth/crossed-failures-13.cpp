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
    try { while (k < 4) { k++; cout << stoi(s) << endl; } for (int i = 0; i < 3; i++) { s = "12";  cout << "i" << i << endl; } } catch (const logic_error& err) { cout << "logic_error " << err.what() << endl;  }
    return k + 1;
}
int f1(int k) {
    vector<int> v = {5, 6}; map<string, int> m; string s = "7";
    while (k < 4) { k++; try { s = "12"; if (k == 3) throw std::string("dry"); } catch (logic_error err) { cout << "logic_error " << err.what() << endl; return -1; } catch (...) { cout << "any" << endl; cout << "mended" << endl; } }
    return k + 1;
}
int main() {
    int k = 0; vector<int> v = {1, 2, 3}; map<string, int> m; string s = "5";
    try { try { v.push_back(k); } catch (exception& e) { cout << "exception " << e.what() << endl;  } catch (Bad& x) { cout << "Bad " << x.what() << x.code << endl; throw runtime_error("again"); } catch (const logic_error& e) { cout << "logic_error " << e.what() << endl; k++; } while (k < 3) { k++; while (k < 2) { k++; v.push_back(k); } } } catch (logic_error err) { cout << "logic_error " << err.what() << endl;  } catch (const invalid_argument& e) { cout << "invalid_argument " << e.what() << endl; throw; } catch (const char* e) { cout << "const char* " << e << endl; throw; }
    try { if (k > 2) { try { m["pea"] = k; k += 2; k += 2; } catch (const out_of_range& x) { cout << "out_of_range " << x.what() << endl; throw; } } else { while (k < 2) { k++; cout << m.at("pea") << endl; } } try { s = "12"; } catch (...) { cout << "any" << endl;  } } catch (Bad err) { cout << "Bad " << err.what() << err.code << endl; throw runtime_error("again"); }
    for (int i = 0; i < 3; i++) { k = f1(k);  cout << "i" << i << endl; }
    cout << "end " << k << endl;
    return 0;
}
