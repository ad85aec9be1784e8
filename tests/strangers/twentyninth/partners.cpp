#include<bits/stdc++.h>
using namespace std;
typedef long long ll;
#define MAXN 100
const int MOD=1e9+7;
ll memo[MAXN];
bool sieve[MAXN+1];
ll power(ll b,ll e){ ll r=1; b%=MOD; while(e>0){ if(e&1) r=r*b%MOD; b=b*b%MOD; e>>=1; } return r; }
ll fib(int n){ if(n<2) return n; if(memo[n]) return memo[n]; return memo[n]=(fib(n-1)+fib(n-2))%MOD; }
int main(){
  int t; cin>>t;
  while(t--){
    int n,m; cin>>n>>m;
    vector<vector<int>> adj(n+1);
    for(int i=0;i<m;i++){ int a,b; cin>>a>>b; adj[a].push_back(b); adj[b].push_back(a); }
    vector<int> col(n+1,-1); bool ok=true;
    for(int s=1;s<=n&&ok;s++) if(col[s]<0){
      queue<int> q; q.push(s); col[s]=0;
      while(!q.empty()&&ok){ int u=q.front(); q.pop();
        for(int v:adj[u]) { if(col[v]<0){ col[v]=col[u]^1; q.push(v);} else if(col[v]==col[u]){ ok=false; break; } }
      }
    }
    puts(ok?"YES":"NO");
    if(ok) printf("%d\n",(int)count(col.begin()+1,col.end(),0));
  }
  fill(sieve,sieve+MAXN+1,true);
  for(int i=2;i*i<=MAXN;i++) if(sieve[i]) for(int j=i*i;j<=MAXN;j+=i) sieve[j]=false;
  int c=0; for(int i=2;i<=MAXN;++i) c+=sieve[i];
  printf("%d primes, %lld %lld\n",c,power(2,50),fib(90));
}
