#include <iostream>
#include <memory>
#include <vector>
#include <map>
#include <algorithm>
#include <string>
using namespace std;
struct Pot { string n; Pot(string n) : n(n) { cout << "+" << n << " "; } virtual ~Pot() { cout << "-" << n << " "; } void use() const { cout << "use " << n << " "; } };
class Logger { string n; public: Logger(string n) : n(n) { cout << "open " << n << endl; } ~Logger() { cout << "close " << n << endl; } void log(string s) { cout << n << ":" << s << endl; } };
class Service { Logger log; int count = 0; public: Service() : log("svc") {} void run() { Logger t("tmp"); log.log("run"); t.log("x"); count++; if (count > 1) return; t.log("first"); } };
int main() { Service s; s.run(); s.run(); Service* q = new Service; q->run(); delete q; }
